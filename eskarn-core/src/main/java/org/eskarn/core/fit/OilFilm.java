package org.eskarn.core.fit;

/**
 * The clearance a plain bearing wants, so that an oil film can build and carry.
 *
 * <pre>
 * v     = π · d · n / 60 000                 surface speed, m/s, with d in mm and n in 1/min
 * ψ     = 0.8 · v^(1/4) / 1000               relative clearance, without unit
 * wants = ψ · d, from 3/4 to 5/4 of it
 * </pre>
 *
 * <p>Source: Vogelpohl's rule, as textbooks of machine elements give it; the maker's data govern.
 *
 * <p>Degenerate cases: at rest no film is wanted, and the rule says 0.
 *
 * @param speed m/s
 * @param wanted µm
 */
public record OilFilm(double speed, double wanted) {

    private static final double LEAST_SHARE = 0.75;
    private static final double MOST_SHARE = 1.25;

    /**
     * @param diameterMm mm, above 0
     * @param turnsPerMinute per minute, 0 or more
     * @throws IllegalArgumentException if either is out of its range
     */
    public static OilFilm of(double diameterMm, double turnsPerMinute) {
        if (!(diameterMm > 0) || !(turnsPerMinute >= 0)) {
            throw new IllegalArgumentException(
                    "a journal is above 0 mm and turns 0 times or more, not " + diameterMm + " and " + turnsPerMinute);
        }
        double speed = Math.PI * diameterMm * turnsPerMinute / 60_000;
        // 0.8 / 1000 of a diameterMm in mm is 0.8 times the diameterMm in µm.
        return new OilFilm(speed, 0.8 * Math.pow(speed, 0.25) * diameterMm);
    }

    /** The tightest that leaves room for the film, µm. */
    public double least() {
        return LEAST_SHARE * wanted;
    }

    /** The loosest that still holds the film, µm. */
    public double most() {
        return MOST_SHARE * wanted;
    }
}

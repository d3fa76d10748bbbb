package org.eskarn.core.fit;

/**
 * What warmth does to a size that is measured, and to a clearance in service.
 *
 * <pre>
 * size of the part at 20 °C = reading · (1 + αg (Tg − 20)) / (1 + αp (Tp − 20))
 * clearance in service      = hole · (1 + αh (Th − 20)) − shaft · (1 + αs (Ts − 20))
 * time to come within δ     = ρc · V/A / h · ln(|T − room| / δ)
 * </pre>
 *
 * The reading is what a gauge shows that is right at 20 °C; a part warm from the cut measures large. The time holds for a body
 * that is warm alike throughout, in still air with h = 10 W/m²K; V/A is a quarter of a diameter, or half a thickness. It is a
 * hint: on a plate of iron it is shorter, in a heap longer.
 *
 * <p>Source: ISO 1 for 20 °C; any textbook of heat transfer for the time.
 *
 * <p>Degenerate cases: at 20 °C nothing changes; a part within δ of the room needs no time.
 */
public final class Warmth {

    /** °C, the temperature sizes are stated at. */
    public static final double REFERENCE = 20;

    /** W/m²K, still air. */
    private static final double STILL_AIR = 10;

    private static final double SECONDS_OF_HOUR = 3600;

    private Warmth() {}

    /** The size of a part at 20 °C, in the unit of the reading. */
    public static double at20(double reading, Material part, double partCelsius, Material gauge, double gaugeCelsius) {
        return part.sizeAt(gauge.sizeAt(reading, REFERENCE, gaugeCelsius), partCelsius, REFERENCE);
    }

    /** The clearance at working temperatures, in the unit of the sizes, which are those at 20 °C. */
    public static double clearance(
            double hole, Material holeOf, double holeCelsius, double shaft, Material shaftOf, double shaftCelsius) {
        return holeOf.sizeAt(hole, REFERENCE, holeCelsius) - shaftOf.sizeAt(shaft, REFERENCE, shaftCelsius);
    }

    /**
     * Hours until a round part is within δ of the room.
     *
     * @param diameterMm mm, above 0; of a plate twice its thickness
     * @param withinKelvin K, above 0
     * @throws IllegalArgumentException if either is not above 0
     */
    public static double soakHours(
            Material part, double diameterMm, double celsius, double roomCelsius, double withinKelvin) {
        if (!(diameterMm > 0) || !(withinKelvin > 0)) {
            throw new IllegalArgumentException(
                    "a diameter and a difference are above 0, not " + diameterMm + " and " + withinKelvin);
        }
        double off = Math.abs(celsius - roomCelsius);
        if (off <= withinKelvin) {
            return 0;
        }
        double seconds = part.heat() * 1e6 * (diameterMm / 4000) / STILL_AIR;
        return seconds * Math.log(off / withinKelvin) / SECONDS_OF_HOUR;
    }
}

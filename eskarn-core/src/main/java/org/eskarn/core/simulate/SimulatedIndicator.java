package org.eskarn.core.simulate;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Station;

/**
 * An indicator on a virtual part. What it shows depends on the seed, the sweep and the place alone, so that tests and
 * demonstrations repeat.
 *
 * <p>Reading at place i = surface + noise + drift · i, less the hysteresis of the dial when the needle comes down to it;
 * the plunger rests {@value #PRELOAD} divisions in. Pairs and cycles read the tilt at their second end. Stations without
 * a place count as evenly spread along the length.
 *
 * @param seed of the part
 * @param sweep number of the sweep; it changes the noise only
 * @param hysteresis in µm
 */
public record SimulatedIndicator(
        HiddenErrors errors, long seed, int sweep, Layout layout, Dial dial, double hysteresis) {

    /** Divisions by which the plunger is pushed in before anything is measured. */
    public static final double PRELOAD = 60;

    private static final int STEPS_BETWEEN = 16;

    /**
     * @param scale µm of movement the hidden errors are of the order of
     */
    public static SimulatedIndicator of(long seed, int sweep, double scale, Layout layout, Dial dial) {
        double graduation = dial.graduation().micrometres();
        double usual = Math.max(scale, 4 * graduation);
        // An error must fit on the dial: its preload leaves that much travel either way.
        double most = Math.max(graduation, dial.travel().micrometres() / 4);
        return new SimulatedIndicator(
                HiddenErrors.of(seed, Math.min(usual, most)), seed, sweep, layout, dial, graduation * 0.2);
    }

    /**
     * The face at a place.
     *
     * @param place 1 to n for the stations, n + 1 for the return
     * @param bezel in divisions
     * @throws IllegalArgumentException if there is no such place
     */
    public DialFace at(int place, double bezel) {
        return new DialFace(plunger(place), bezel);
    }

    private double plunger(int place) {
        double surface = surface(place);
        SplittableRandom chance = new SplittableRandom(seed * 1_000_003 + sweep * 4001L + place);
        double noise = errors.noise()
                * (IntStream.range(0, 12).mapToDouble(i -> chance.nextDouble()).sum() - 6);
        double back = place > 1 && surface < surface(place - 1) ? hysteresis : 0;
        return divisions(surface + noise + errors.drift() * (place - 1) + back);
    }

    private double divisions(double micrometres) {
        return PRELOAD + micrometres / dial.graduation().micrometres();
    }

    /** The needle's way from the place before to this one, in degrees, as the part is moved under it. */
    public List<Double> way(int place) {
        double from = place > 1 ? plunger(place - 1) : 0;
        double to = plunger(place);
        if (place == 1) {
            return List.of(0.0, new DialFace(to, 0).needle());
        }
        Station before = station(place - 1);
        Station there = station(place);
        return IntStream.rangeClosed(0, STEPS_BETWEEN)
                .mapToObj(i -> {
                    double share = (double) i / STEPS_BETWEEN;
                    double bend = divisions(between(before, there, share))
                            - divisions(surface(before)) * (1 - share)
                            - divisions(surface(there)) * share;
                    return new DialFace(from + (to - from) * share + bend, 0).needle();
                })
                .toList();
    }

    private Station station(int place) {
        if (place < 1 || place > layout.size() + 1) {
            throw new IllegalArgumentException("the layout has no place " + place);
        }
        return place > layout.size()
                ? layout.returnStation()
                : layout.stations().get(place - 1);
    }

    private double surface(int place) {
        return surface(station(place));
    }

    private double surface(Station station) {
        return errors.surface(turn(station), along(station));
    }

    private double between(Station before, Station there, double share) {
        double step = turn(there) - turn(before);
        double shortest = step < -0.5 ? step + 1 : step > 0.5 ? step - 1 : step;
        double turn = (turn(before) + share * shortest + 1) % 1;
        return errors.surface(turn, along(before) + share * (along(there) - along(before)));
    }

    private static double turn(Station station) {
        return station.angle() == null ? 0 : station.angle().doubleValue() / 360;
    }

    private double along(Station station) {
        if (layout.kind() == LayoutKind.RING) {
            return 0;
        }
        if (layout.kind().paired()) {
            return (station.number() - 1) % 2 == 0 ? 0 : 0.9 + 0.1 * pseudo(station.number());
        }
        if (station.along() == null) {
            return (station.number() - 1) / Math.max(1.0, layout.size() - 1);
        }
        double share = share(
                station.distance(),
                layout.stations().stream().mapToDouble(Station::distance).toArray());
        if (station.across() == null) {
            return share;
        }
        double up = share(
                station.height(),
                layout.stations().stream().mapToDouble(Station::height).toArray());
        return Math.min(1, 0.7 * share + 0.3 * up);
    }

    private double pseudo(int number) {
        return new SplittableRandom(seed + 31L * number).nextDouble();
    }

    private static double share(double place, double[] all) {
        double lowest = place;
        double highest = place;
        for (double each : all) {
            lowest = Math.min(lowest, each);
            highest = Math.max(highest, each);
        }
        return highest > lowest ? (place - lowest) / (highest - lowest) : 0;
    }
}

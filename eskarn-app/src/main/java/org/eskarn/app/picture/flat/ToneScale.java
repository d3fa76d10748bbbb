package org.eskarn.app.picture.flat;

import java.util.Arrays;
import org.eskarn.app.page.Display;

/**
 * Heights in round steps, each in its own tone of one ramp, dark is high.
 *
 * @param lowest µm
 * @param highest µm
 * @param levels where one tone gives way to the next, rising, µm
 * @param parted whether the tones part at zero, for differences: lowered pale, raised dark, so that it can be told in grey too
 */
record ToneScale(double lowest, double highest, double[] levels, boolean parted) {

    /** Tones either side of zero. */
    private static final int SIDES = 3;

    private static final int TONES = 7;
    private static final double[] STEPS = {1, 2, 2.5, 5};

    /** At most seven tones; none at all where all heights are the same. */
    static ToneScale of(double[] heights, Display display) {
        double lowest = Arrays.stream(heights).min().orElse(0);
        double highest = Arrays.stream(heights).max().orElse(0);
        double range = display.of(highest - lowest);
        if (!(highest - lowest > display.finest() / 10)) {
            return new ToneScale(lowest, highest, new double[0], false);
        }
        double step = step(range / (TONES - 1));
        long from = (long) Math.floor(display.of(lowest) / step + 1e-9) + 1;
        long to = (long) Math.ceil(display.of(highest) / step - 1e-9) - 1;
        double[] levels = new double[(int) Math.max(0, to - from + 1)];
        for (int i = 0; i < levels.length; i++) {
            levels[i] = display.micrometres((from + i) * step);
        }
        return new ToneScale(lowest, highest, levels, false);
    }

    /** The same of differences, whose zero means something. */
    static ToneScale parted(double[] differences, Display display) {
        ToneScale even = of(differences, display);
        return new ToneScale(even.lowest, even.highest, even.levels, true);
    }

    /** The smallest of 1, 2, 2.5, 5 times a power of ten that is not below {@code least}. */
    private static double step(double least) {
        double power = Math.pow(10, Math.floor(Math.log10(least)));
        for (double step : STEPS) {
            if (step * power >= least * (1 - 1e-9)) {
                return step * power;
            }
        }
        return 10 * power;
    }

    int tones() {
        return levels.length + 1;
    }

    /** The class of the tone between two levels, 0 for the lowest. */
    String look(int tone) {
        return parted ? partedLook(tone) : rampLook(tone);
    }

    private String partedLook(int tone) {
        double from = tone == 0 ? lowest : levels[tone - 1];
        double to = tone == levels.length ? highest : levels[tone];
        double middle = (from + to) / 2;
        double furthest = Math.max(Math.abs(lowest), Math.abs(highest));
        boolean even = from < 0 && to > 0 || !(furthest > 0);
        if (even) {
            return "parted-even";
        }
        long strength = Math.max(1, Math.min(SIDES, (long) Math.ceil(SIDES * Math.abs(middle) / furthest)));
        return (middle > 0 ? "parted-up-" : "parted-down-") + strength;
    }

    private String rampLook(int tone) {
        return "ramp-" + (levels.length == 0 ? TONES / 2 : Math.round((TONES - 1.0) * tone / levels.length));
    }

    int tone(double height) {
        int tone = 0;
        while (tone < levels.length && height >= levels[tone]) {
            tone++;
        }
        return tone;
    }
}

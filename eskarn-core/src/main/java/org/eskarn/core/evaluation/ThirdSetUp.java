package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.result.Note;

/**
 * The first set-up of a reversal read once more at the end. Two set-ups give two shares whatever they are; that the third
 * reads as the first did shows that nothing moved between. It tells nothing else, so that figures come of the first two.
 *
 * <p>Places are compared by what they read against the first place of their set-up, for each set-up has a zero of its own; of
 * pairs by their rises. They may differ by as much as the return may.
 */
final class ThirdSetUp {

    private static final double ROUNDING = 1e-9;

    private ThirdSetUp() {}

    /** The largest difference of a place between the first and the third set-up, µm; empty until the last is read. */
    static Optional<Double> largest(Sweep sweep) {
        Layout layout = sweep.layout();
        int third = start(layout);
        if (sweep.readings().size() < layout.size()) {
            return Optional.empty();
        }
        double largest = 0;
        for (int i = 0; third + i < layout.size(); i++) {
            int from = layout.kind().paired() ? i - i % 2 : 0;
            double before = read(sweep, i) - read(sweep, from);
            double again = read(sweep, third + i) - read(sweep, third + from);
            largest = Math.max(largest, Math.abs(again - before));
        }
        return Optional.of(largest);
    }

    /** @throws StationsUnfit if something moved between the set-ups */
    static void require(Sweep sweep, double allowed) throws StationsUnfit {
        if (largest(sweep).filter(moved -> moved > allowed + ROUNDING).isPresent()) {
            throw new StationsUnfit(Reason.CONTRADICTION, Note.of("core.turned-back-it-does-not-read-as"));
        }
    }

    /** The first two set-ups alone, the zero after the second as their return. */
    static Sweep without(Sweep sweep) {
        Layout layout = sweep.layout();
        int end = start(layout) - (layout.returns() ? 1 : 0);
        List<Integer> closings =
                layout.closings().stream().filter(each -> each <= end).toList();
        Layout two =
                new Layout(layout.kind(), layout.unit(), layout.stations().subList(0, end), layout.returns(), closings);
        List<Reading> readings = new ArrayList<>(
                sweep.readings().subList(0, Math.min(end, sweep.readings().size())));
        Double back = layout.returns() && sweep.readings().size() > end ? (Double) read(sweep, end) : null;
        return new Sweep(two, readings, back);
    }

    /** Index of the first station of the third set-up. */
    private static int start(Layout layout) {
        int between = layout.returns() ? 1 : 0;
        int each = (layout.size() - 2 * between) / 3;
        return 2 * (each + between);
    }

    private static double read(Sweep sweep, int index) {
        return sweep.readings().get(index).micrometres();
    }
}

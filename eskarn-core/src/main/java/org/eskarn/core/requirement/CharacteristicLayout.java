package org.eskarn.core.requirement;

import java.util.DoubleSummaryStatistics;
import java.util.List;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.result.Note;

/** The layout of a characteristic: how it is read, and what is usually written for it. */
public final class CharacteristicLayout {

    private CharacteristicLayout() {}

    /**
     * The stations that are meant by a layout as it is written, with its zeros and set-ups: the one place where they are put
     * together.
     *
     * @throws LayoutRejected if it cannot be read
     */
    public static Layout read(Characteristic what, WrittenLayout written, Zeroing zeroing, Reversal reversal)
            throws LayoutRejected {
        return read(what, written, zeroing, reversal, List.of());
    }

    /**
     * The same under several conditions, where it is not read in two set-ups already.
     *
     * @throws LayoutRejected if it cannot be read, or makes more stations than a sweep holds
     */
    public static Layout read(
            Characteristic what, WrittenLayout written, Zeroing zeroing, Reversal reversal, List<String> conditions)
            throws LayoutRejected {
        boolean returns = written.kind().returns() && !what.readsSizes();
        Layout plain = written.read(ends(what)).returning(returns);
        Layout once = zeroing == Zeroing.EACH_STEP ? plain.rezeroed() : plain;
        Layout all = ownMaster(written, reversal)
                ? once.after(onMaster(written, once), reversal.setUps())
                : once.inSetUps(reversal.twice() ? reversal.setUps() : conditions);
        if (all.size() > WrittenLayout.MOST) {
            throw LayoutRejected.tooMany(all.size());
        }
        return all;
    }

    /** Whether a line is read on a master first, at stations of the master's own. */
    private static boolean ownMaster(WrittenLayout written, Reversal reversal) {
        return mayHaveOwnMaster(written.kind(), reversal) && !written.second().isBlank();
    }

    /** Whether the master can be read at other stations than the part; between them it is taken to run straight. */
    public static boolean mayHaveOwnMaster(LayoutKind kind, Reversal reversal) {
        return kind.line() && reversal == Reversal.ON_MASTER;
    }

    private static Layout onMaster(WrittenLayout written, Layout part) throws LayoutRejected {
        Layout master;
        try {
            master = new WrittenLayout(written.kind(), written.unit(), written.second(), "")
                    .read(List.of())
                    .returning(part.returns());
        } catch (LayoutRejected e) {
            throw LayoutRejected.ofSecond(e.note());
        }
        DoubleSummaryStatistics reach =
                master.stations().stream().mapToDouble(Station::distance).summaryStatistics();
        for (Station station : part.stations()) {
            if (station.distance() < reach.getMin() || station.distance() > reach.getMax()) {
                throw LayoutRejected.ofSecond(Note.of("core.the-master-is-not-read-as-far-as", station.name()));
            }
        }
        return master;
    }

    /** What the two readings of a pair or cycle are called. */
    public static List<String> ends(Characteristic what) {
        return switch (what) {
            case PIN_CHECK -> List.of("enters", "does not enter");
            case GAP -> List.of("leaf that goes", "leaf that does not");
            case FIT_OF_PAIR -> List.of("hole", "shaft");
            case PLAY -> List.of("pulled", "pushed");
            case PARALLELISM_OF_LINES -> List.of("front", "back");
            case PARALLELISM_OF_AXIS -> List.of("near end", "far end");
            default -> List.of("one side", "other side");
        };
    }

    /** The first field: of a bore six places, three depths in two directions at right angles. */
    public static String first(Characteristic what, LayoutKind kind) {
        if (what == Characteristic.BORES_IN_LINE) {
            return kind == LayoutKind.LINES ? "upright; level" : "10 60 210 260";
        }
        return what == Characteristic.BORE_SIZE && kind == LayoutKind.RINGS ? "5 15 25" : kind.example();
    }

    /** The second field; empty where the layout has none. */
    public static String second(Characteristic what, LayoutKind kind) {
        if (what == Characteristic.BORES_IN_LINE && kind == LayoutKind.LINES) {
            return "10 60 210 260";
        }
        return what.readsSizes() && kind == LayoutKind.RINGS ? "0 90" : kind.secondExample();
    }
}

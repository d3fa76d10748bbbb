package org.eskarn.app.remedy;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.field.Field;
import org.eskarn.app.field.Fields;
import org.eskarn.app.field.Quantity;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * A correction of what was found: what it asks, what was typed, and what comes of it.
 *
 * @param kinds those there are for what was found, the usual one first
 * @param hidden what is sent with its fields: the units they stand in, and the size the plan began from
 */
public record Correction(List<RemedyKind> kinds, Fields fields, Advice advice, Map<String, String> hidden) {

    private static final String KIND = "kind";
    private static final String MEASURED = "measured";
    private static final String TARGET = "target";

    /** The size that the readings gave when it was typed; where they give another now, what was typed is old. */
    private static final String READ = "read";

    /** The middle of the limits as it stood when the page showed it; limits typed since have another. */
    private static final String MIDDLE = "middle";

    private static final Map<Quantity, String> UNIT_OF =
            Map.of(Quantity.SIZE, "sizeUnit", Quantity.READ, "readIn", Quantity.PLACE, "placeUnit");

    /** The kinds there are for what was found, the usual one first. */
    public static List<RemedyKind> kinds(MeasuredState found) {
        return RemedyChoice.of(found.subject().terms(), found.assessment());
    }

    /**
     * The one asked for, or else the usual one.
     *
     * @param typed by the names of the fields; what was typed in another unit than is shown now is said in that
     */
    public static Correction of(MeasuredState found, Map<String, String> typed) {
        List<RemedyKind> kinds = kinds(found);
        if (kinds.isEmpty()) {
            Advice none = Advice.not(
                    asked(typed).orElse(RemedyKind.SEAT),
                    Words.say("remedy.nothing-here-can-be-corrected-by-a"),
                    Map.of());
            return new Correction(kinds, Fields.of(List.of(), Map.of()), none, Map.of());
        }
        RemedyKind kind = asked(typed).filter(kinds::contains).orElse(kinds.get(0));
        Map<Quantity, LengthUnit> now = new EnumMap<>(Map.of(
                Quantity.SIZE, found.sizes().unit(),
                Quantity.READ, found.deviations().unit(),
                Quantity.PLACE, found.subject().terms().layout().unit()));
        Map<Quantity, LengthUnit> before = new EnumMap<>(now);
        UNIT_OF.forEach((quantity, name) -> unit(typed.get(name)).ifPresent(unit -> before.put(quantity, unit)));
        Map<String, String> hidden = new LinkedHashMap<>();
        UNIT_OF.forEach((quantity, name) -> hidden.put(
                name, java.util.Objects.requireNonNull(now.get(quantity)).name()));
        Map<String, String> current = new LinkedHashMap<>(typed);
        if (kind == RemedyKind.CUT) {
            Display earlier = new Display(java.util.Objects.requireNonNull(before.get(Quantity.SIZE)));
            beginAnew(current, found, earlier);
            hidden.put(READ, found.sizes().amount(CutAdvice.fullest(found)));
            hidden.put(MIDDLE, CutAdvice.middle(found, found.sizes()));
        }
        Fields fields = Fields.of(RemedyFields.of(kind, found), current, before, now);
        return new Correction(kinds, fields, advice(kind, found, fields), hidden);
    }

    /** What nobody typed but the page showed is shown anew, and a size typed over an older reading is let go. */
    private static void beginAnew(Map<String, String> typed, MeasuredState found, Display earlier) {
        String read = typed.get(READ);
        boolean stale = read != null && !read.equals(earlier.amount(CutAdvice.fullest(found)));
        if (stale || (read != null && read.equals(typed.get(MEASURED)))) {
            typed.remove(MEASURED);
        }
        String middle = typed.getOrDefault(MIDDLE, CutAdvice.middle(found, earlier));
        if (middle.equals(typed.get(TARGET))) {
            typed.remove(TARGET);
        }
    }

    private static Advice advice(RemedyKind kind, MeasuredState found, Fields fields) {
        if (!fields.readable()) {
            return Advice.not(kind, Words.say("remedy.choose-from-the-list"), fields.problems());
        }
        return switch (kind) {
            case OFFSET -> OffsetAdvice.of(found, fields);
            case TRUING -> TruingAdvice.of(found);
            case TAPER -> TaperAdvice.of(found, fields);
            case CUT -> CutAdvice.of(found, fields);
            case SEAT -> SeatAdvice.of(found, fields);
            case REGRIND -> RegrindAdvice.of(found, fields);
            case PACKING -> PackingAdvice.of(found, fields);
            case GUIDE -> GuideAdvice.of(found, fields);
            case SPRING -> SpringAdvice.of(found, fields);
            case LEAVE -> LeaveAdvice.of(found, fields);
        };
    }

    private static Optional<RemedyKind> asked(Map<String, String> typed) {
        return java.util.Arrays.stream(RemedyKind.values())
                .filter(kind -> kind.name().equals(typed.get(KIND)))
                .findFirst();
    }

    private static Optional<LengthUnit> unit(@Nullable String name) {
        return java.util.Arrays.stream(LengthUnit.values())
                .filter(unit -> unit.name().equals(name))
                .findFirst();
    }

    public RemedyKind kind() {
        return advice.kind();
    }

    /** The fields that are typed into; what is chosen among things stands beside them. */
    public List<Field> asked() {
        return kind().asks() ? fields.all() : List.of();
    }

    /** What was typed and the units it stands in, to be sent again with a decision. */
    public Map<String, String> kept() {
        Map<String, String> kept = new LinkedHashMap<>(hidden);
        asked().forEach(field -> kept.put(field.name(), fields.shown(field.name())));
        return kept;
    }
}

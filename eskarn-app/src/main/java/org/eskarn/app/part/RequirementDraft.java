package org.eskarn.app.part;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.page.Typed;
import org.eskarn.core.evaluation.Judgeable;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.FitLimits;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitCheck;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitRejected;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.ZeroRule;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.units.Length;
import org.eskarn.core.verdict.DecisionRule;
import org.jspecify.annotations.Nullable;

/**
 * The requirement that is meant by what stands in the editor.
 *
 * @param requirement empty while a field cannot be read
 * @param problems one sentence for each field at fault
 */
record RequirementDraft(Optional<PartRequirement> requirement, Map<String, String> problems) {

    private static final int LONGEST_TITLE = 120;
    private static final int LONGEST_LINE = 400;
    private static final int MOST_PREPARATIONS = 40;

    /**
     * @param id of the requirement that is changed, or 0 for a new one
     */
    static RequirementDraft of(RequirementForm form, long id, long partId, int position, List<Feature> features) {
        Typed typed = new Typed(new LinkedHashMap<>());
        Feature feature = features.stream()
                .filter(each -> form.featureId() != null && each.id() == form.featureId())
                .findFirst()
                .orElse(null);
        if (feature == null) {
            typed.problem("featureId", "Choose the feature it is asked of.");
        }
        Characteristic characteristic = form.characteristic();
        Length size = feature == null ? null : feature.size().orElse(null);
        Limit limit =
                checked(characteristic, limit(form, typed, form.nominal(), form.lower(), form.upper()), size, typed);
        Optional<Limit> service = service(form, typed, size);
        RequirementRow row = row(form, typed, id, partId, position, feature == null ? 0 : feature.id());
        if (characteristic.onRadius() && row.radius() == null) {
            typed.problem("radius", "Type the radius on which it is read.");
        }
        if (characteristic.spanning() && limit.per() != null && row.span() == null) {
            typed.problem("span", "Type the distance between the two places, so that it can be scaled.");
        }
        gauge(form, row, typed);
        if (form.layoutKind() != null && form.layoutKind() != form.chosenLayout()) {
            typed.problem(
                    "layoutFirst",
                    "It is read over " + form.chosenLayout().title() + ", not "
                            + form.layoutKind().title() + ": write those stations.");
        }
        List<Preparation> preparations = preparations(form, typed, id);
        PartRequirement requirement = null;
        if (feature != null) {
            try {
                requirement = PartRequirement.of(row, feature, limit, service, preparations);
                if (typed.problems().isEmpty()) {
                    Judgeable.obstacle(requirement.terms(), row.zeroRule())
                            .ifPresent(obstacle -> typed.problem(field(obstacle.part()), obstacle.sentence()));
                }
            } catch (LayoutRejected e) {
                typed.problem(e.second() ? "layoutSecond" : "layoutFirst", String.valueOf(e.getMessage()));
            }
        }
        return new RequirementDraft(
                typed.problems().isEmpty() ? Optional.ofNullable(requirement) : Optional.empty(), typed.problems());
    }

    private static String field(Judgeable.Part part) {
        return switch (part) {
            case LAYOUT -> "layoutFirst";
            case ANGLES -> "layoutSecond";
            case ZERO -> "zeroRule";
            case REVERSAL -> "reversal";
            case MASTER -> "setTo";
            case DIRECTION -> "only";
        };
    }

    /** Whether gauges of the kind can read it, and a comparator of sizes has a master to compare with. */
    private static void gauge(RequirementForm form, RequirementRow row, Typed typed) {
        Characteristic what = form.characteristic();
        if (!form.gaugeKind().reads(what)) {
            typed.problem("gaugeKind", "A " + form.gaugeKind().title() + " does not read " + what.title() + ".");
        }
        GaugeKind second = row.secondGaugeKind();
        if (second != null && !second.reads(what)) {
            typed.problem("secondGaugeKind", "A " + second.title() + " does not read " + what.title() + ".");
        }
        if (form.gaugeKind() == GaugeKind.INDICATOR && what.comparedWithMaster() && row.setTo() == null) {
            typed.problem(
                    "setTo", "A dial indicator compares with a master: type the size of the master it is set to.");
        }
    }

    private static Limit limit(
            RequirementForm form,
            Typed typed,
            @Nullable String nominal,
            @Nullable String lower,
            @Nullable String upper) {
        LimitKind kind = form.chosenLimit();
        boolean two = kind == LimitKind.BETWEEN || kind == LimitKind.PLUS_MINUS;
        boolean named = kind == LimitKind.PLUS_MINUS || kind == LimitKind.FIT_CODE;
        BigDecimal per = form.characteristic().sloping() ? typed.number("per", form.per()) : null;
        return new Limit(
                kind,
                named ? typed.number("nominal", nominal) : null,
                two ? typed.number("lower", lower) : null,
                two || kind == LimitKind.MAXIMUM ? typed.number("upper", upper) : null,
                form.chosenUnit(),
                kind == LimitKind.FIT_CODE ? Typed.text(form.code()) : "",
                kind == LimitKind.MAXIMUM && form.characteristic().signed() ? form.only() : null,
                form.only() == null ? "" : typed.atMost("reason", Typed.text(form.reason()), 200),
                per == null ? null : new Length(per, form.lengthUnit()));
    }

    private static Optional<Limit> service(RequirementForm form, Typed typed, @Nullable Length size) {
        if (Typed.text(form.serviceLower()).isEmpty()
                && Typed.text(form.serviceUpper()).isEmpty()) {
            return Optional.empty();
        }
        Typed own = new Typed(new LinkedHashMap<>());
        Limit limit = checked(
                form.characteristic(),
                limit(form, own, form.nominal(), form.serviceLower(), form.serviceUpper()),
                size,
                own);
        own.problems().forEach((field, sentence) -> {
            if (field.equals("lower") || field.equals("upper")) {
                typed.problem(field.equals("lower") ? "serviceLower" : "serviceUpper", sentence);
            } else {
                typed.problem(field, sentence);
            }
        });
        return Optional.of(limit);
    }

    /** The limit, a fit code worked out; as it was typed where something is wrong with it. */
    private static Limit checked(Characteristic characteristic, Limit limit, @Nullable Length size, Typed typed) {
        try {
            LimitCheck.check(characteristic, limit, size);
            return limit.kind() == LimitKind.FIT_CODE ? FitLimits.resolved(characteristic, limit) : limit;
        } catch (LimitRejected e) {
            typed.problem(e.field().name().toLowerCase(java.util.Locale.ROOT), String.valueOf(e.getMessage()));
            return limit;
        }
    }

    private static RequirementRow row(
            RequirementForm form, Typed typed, long id, long partId, int position, long featureId) {
        BigDecimal allowedReturn = typed.above("allowedReturn", form.allowedReturn(), "An allowed return");
        BigDecimal setTo =
                form.characteristic().readsSizes() ? typed.above("setTo", form.setTo(), "The size of a master") : null;
        BigDecimal resolution = typed.above("resolution", form.resolution(), "A graduation");
        return new RequirementRow(
                id,
                partId,
                featureId,
                position,
                typed.required(
                        "title", form.title(), LONGEST_TITLE, "what it is called, for example Runout of journal A"),
                form.characteristic(),
                form.chosenStatement(),
                form.characteristic() == Characteristic.PIN_CHECK ? DecisionRule.STRINGENT : form.rule(),
                allowedReturn,
                allowedReturn == null ? null : form.returnUnit(),
                form.flicker(),
                repeats(form, typed),
                setTo == null ? form.zeroRule() : ZeroRule.MASTER,
                form.chosenLayout(),
                form.lengthUnit(),
                Typed.text(form.layoutFirst()),
                Typed.text(form.layoutSecond()),
                setTo,
                form.characteristic().onRadius() ? typed.above("radius", form.radius(), "A radius") : null,
                form.characteristic().spanning() ? typed.above("span", form.span(), "A distance") : null,
                Boolean.TRUE.equals(form.warm()),
                form.workKind(),
                form.gaugeKind(),
                resolution,
                resolution == null ? null : form.resolutionUnit(),
                null,
                typed.atMost("datum", Typed.text(form.datum()), LONGEST_TITLE),
                typed.atMost("circumstances", Typed.text(form.circumstances()), LONGEST_LINE),
                zeroing(form),
                form.characteristic() == Characteristic.PIN_CHECK ? typed.number("pinClass", form.pinClass()) : null,
                form.chosenReversal(),
                form.chosenCombination(),
                form.characteristic() == Characteristic.FIT_OF_PAIR ? form.secondGaugeKind() : null);
    }

    /** One ring has one section, and so one zero. */
    private static Zeroing zeroing(RequirementForm form) {
        boolean sections = form.chosenLayout() != LayoutKind.RING || form.characteristic() == Characteristic.PITCH;
        return sections ? form.chosenZeroing() : Zeroing.ONE_FOR_ALL;
    }

    private static int repeats(RequirementForm form, Typed typed) {
        String text = Typed.text(form.repeats());
        if (text.isEmpty()) {
            return 1;
        }
        if (!text.matches("\\d{1,2}")
                || Integer.parseInt(text) < 1
                || Integer.parseInt(text) > Requirement.MOST_REPEATS) {
            typed.problem("repeats", "Type how many good sweeps are wanted, from 1 to 20.");
            return 1;
        }
        return Integer.parseInt(text);
    }

    private static List<Preparation> preparations(RequirementForm form, Typed typed, long requirementId) {
        List<Preparation> lines = new ArrayList<>();
        for (String line : Typed.text(form.preparations()).lines().toList()) {
            String text = line.strip();
            boolean caution = text.startsWith("!");
            String said = caution ? text.substring(1).strip() : text;
            if (!said.isEmpty()) {
                lines.add(new Preparation(
                        0, requirementId, lines.size() + 1, caution, typed.atMost("preparations", said, LONGEST_LINE)));
            }
        }
        if (lines.size() > MOST_PREPARATIONS) {
            typed.problem("preparations", "Nobody reads more than 40 lines: write fewer.");
        }
        return lines;
    }
}

package org.eskarn.app.certificate;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.core.requirement.LimitUnit;
import org.jspecify.annotations.Nullable;

/**
 * What stands in the fields of a row.
 *
 * @param measured the position of the requirement that measures it; 0 for none
 */
public record ClaimForm(
        @Nullable String what,
        @Nullable String place,
        @Nullable String distance,
        @Nullable String method,
        @Nullable LimitUnit unit,
        @Nullable String allowed,
        @Nullable String claimed,
        @Nullable String uncertainty,
        @Nullable Integer measured,
        @Nullable Incomparable incomparable,
        @Nullable String reason) {

    private static final int LONGEST = 120;
    private static final int LONGEST_DISTANCE = 80;
    private static final int LONGEST_TEXT = 200;

    static ClaimForm of(ClaimLine line, List<PartRequirement> requirements) {
        return new ClaimForm(
                line.what(),
                line.place(),
                line.distance(),
                line.method(),
                line.unit(),
                line.allowed(),
                line.claimed(),
                line.uncertainty(),
                requirements.stream()
                        .filter(each -> Long.valueOf(each.id()).equals(line.requirementId()))
                        .map(PartRequirement::position)
                        .findFirst()
                        .orElse(0),
                line.incomparable(),
                line.reason());
    }

    static ClaimForm empty(LimitUnit unit) {
        return new ClaimForm("", "", "", "", unit, "", "", "", 0, null, "");
    }

    /** The same with another figure claimed. */
    ClaimForm claiming(String figure) {
        return new ClaimForm(
                what, place, distance, method, unit, allowed, figure, uncertainty, measured, incomparable, reason);
    }

    /**
     * @param others the other rows of the certificate
     * @param requirements that can measure it
     * @throws FormRefused if a field cannot be read
     */
    ClaimLine read(
            long id, long certificateId, int position, List<ClaimLine> others, List<PartRequirement> requirements)
            throws FormRefused {
        Typed typed = new Typed(new LinkedHashMap<>());
        Optional<PartRequirement> requirement = requirements.stream()
                .filter(each -> Integer.valueOf(each.position()).equals(measured))
                .findFirst();
        if (measured != null && measured != 0 && requirement.isEmpty()) {
            typed.problem("measured", Words.say("certificate.choose-a-requirement"));
        }
        LimitUnit in = unit == null ? LimitUnit.MICROMETRE : unit;
        BigDecimal limit = typed.above("allowed", allowed, Words.say("certificate.what-is-allowed"));
        BigDecimal figure = typed.number("claimed", claimed);
        BigDecimal known = typed.number("uncertainty", uncertainty);
        if (known != null && known.signum() < 0) {
            typed.problem("uncertainty", Words.say("certificate.uncertainty-below-zero"));
        } else if (known != null && figure == null) {
            typed.problem("claimed", Words.say("certificate.enter-the-claim-too"));
        }
        unitFits(typed, in, requirement);
        requirement
                .flatMap(asked -> others.stream()
                        .filter(other ->
                                other.id() != id && Long.valueOf(asked.id()).equals(other.requirementId()))
                        .findFirst())
                .ifPresent(other ->
                        typed.problem("measured", Words.say("certificate.measures-another-row", other.position())));
        String why = typed.atMost("reason", Typed.text(reason), LONGEST_TEXT);
        if (incomparable != null && why.isEmpty()) {
            typed.problem("reason", Words.say("certificate.enter-why-it-cannot-be-compared"));
        }
        ClaimLine line = new ClaimLine(
                id,
                certificateId,
                position,
                typed.required("what", what, LONGEST, Words.say("certificate.what-is-claimed")),
                typed.atMost("place", Typed.text(place), LONGEST),
                typed.atMost("distance", Typed.text(distance), LONGEST_DISTANCE),
                typed.atMost("method", Typed.text(method), LONGEST_TEXT),
                in,
                Typed.written(limit),
                Typed.written(figure),
                Typed.written(known),
                requirement.map(PartRequirement::id).orElse(null),
                incomparable,
                incomparable == null ? "" : why);
        if (!typed.problems().isEmpty()) {
            throw new FormRefused(typed.problems());
        }
        return line;
    }

    private static void unitFits(Typed typed, LimitUnit unit, Optional<PartRequirement> requirement) {
        boolean degrees = unit == LimitUnit.DEGREE;
        boolean angular =
                requirement.map(each -> each.characteristic().angular()).orElse(degrees);
        if (degrees != angular) {
            typed.problem(
                    "unit",
                    degrees ? Words.say("certificate.judged-as-a-length") : Words.say("certificate.judged-in-degrees"));
        }
    }
}

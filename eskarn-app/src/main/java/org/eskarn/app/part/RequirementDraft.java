package org.eskarn.app.part;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.core.evaluation.Judgeable;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * The requirement that is meant by what stands in the editor.
 *
 * @param requirement empty while a field cannot be read
 * @param problems one sentence for each field at fault
 */
record RequirementDraft(Optional<PartRequirement> requirement, Map<String, String> problems) {

    private static final int LONGEST_TITLE = 120;

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
            typed.problem("featureId", Words.say("part.choose-the-feature-it-is-asked-of"));
        }
        PartRequirement requirement = read(form, id, partId, position, feature, typed);
        return new RequirementDraft(
                typed.problems().isEmpty() ? Optional.ofNullable(requirement) : Optional.empty(), typed.problems());
    }

    private static @Nullable PartRequirement read(
            RequirementForm form, long id, long partId, int position, @Nullable Feature feature, Typed typed) {
        Characteristic characteristic = form.characteristic();
        Length size = feature == null ? null : feature.size().orElse(null);
        Limit limit =
                LimitTerms.limit(form.limit(), characteristic, form.layout().unit(), size, typed);
        Optional<Limit> service =
                LimitTerms.service(form.limit(), characteristic, form.layout().unit(), size, typed);
        RequirementHead head = new RequirementHead(
                id,
                partId,
                feature == null ? 0 : feature.id(),
                position,
                typed.atMost("title", title(form, feature), LONGEST_TITLE),
                characteristic);
        LimitTerms limitTerms = LimitTerms.of(form.limit(), characteristic, typed);
        LayoutTerms layout = LayoutTerms.of(form.layout(), characteristic, typed);
        GaugeTerms gauge = GaugeTerms.of(form.gauge(), characteristic, form.chosenLayout(), form.returnUnit(), typed);
        SetUpTerms setUp = SetUpTerms.of(form.setUp(), typed);
        together(form, limit, layout, typed);
        gauge.check(characteristic, typed);
        List<Preparation> preparations = SetUpTerms.preparations(form.setUp(), id, typed);
        if (feature == null) {
            return null;
        }
        try {
            PartRequirement requirement =
                    PartRequirement.of(head, limitTerms, layout, gauge, setUp, feature, limit, service, preparations);
            if (typed.problems().isEmpty()) {
                Judgeable.obstacle(requirement.terms(), gauge.zeroRule())
                        .ifPresent(obstacle -> typed.problem(field(obstacle.part()), Words.of(obstacle.note())));
            }
            return requirement;
        } catch (LayoutRejected e) {
            typed.problem(e.second() ? "layout.second" : "layout.first", Words.of(e.note()));
            return null;
        }
    }

    /** As it was typed, or by what it is and what it is asked of. */
    private static String title(RequirementForm form, @Nullable Feature feature) {
        String typed = Typed.text(form.title());
        if (!typed.isEmpty() || feature == null) {
            return typed;
        }
        String what = Words.of(form.characteristic().title());
        return Words.say(
                "part.usual-title", what.substring(0, 1).toUpperCase(Locale.ROOT) + what.substring(1), feature.name());
    }

    /** What belongs together and stands in two groups. */
    private static void together(RequirementForm form, Limit limit, LayoutTerms layout, Typed typed) {
        Characteristic characteristic = form.characteristic();
        boolean toAxis = characteristic.asksRadius(layout.layoutKind())
                && (layout.datumRead().read() || limit.per() != null);
        if ((characteristic.onRadius() || toAxis) && layout.radius() == null) {
            typed.problem("layout.radius", Words.say("part.type-the-radius-on-which-it-is"));
        }
        if (characteristic.spanning() && limit.per() != null && layout.span() == null) {
            typed.problem("layout.span", Words.say("part.type-the-distance-between-the-two-places"));
        }
        if (form.layout().kind() != null && form.layout().kind() != form.chosenLayout()) {
            typed.problem(
                    "layout.first",
                    Words.say(
                            "part.it-is-read-over-not-write-those",
                            form.chosenLayout().title(),
                            form.layout().kind().title()));
        }
    }

    private static String field(Judgeable.Part part) {
        return switch (part) {
            case LAYOUT -> "layout.first";
            case ANGLES -> "layout.second";
            case ZERO -> "gauge.zeroRule";
            case REVERSAL -> "layout.reversal";
            case MASTER -> "gauge.setTo";
            case DIRECTION -> "limit.only";
        };
    }
}

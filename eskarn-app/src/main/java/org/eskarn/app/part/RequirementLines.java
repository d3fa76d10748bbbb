package org.eskarn.app.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.eskarn.core.line.LineRejected;
import org.eskarn.core.line.RequirementLine;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/** Requirements that are said in a line each, as the editor would hold them. */
final class RequirementLines {

    /** The most that are taken at once. */
    static final int MOST = 60;

    private RequirementLines() {}

    /**
     * What a line means.
     *
     * @param form what the editor would hold; null where the line cannot be read
     * @param requirement null where it is not whole
     * @param problem the first sentence on what is wrong; empty where nothing is
     */
    record Meant(
            String line,
            @Nullable RequirementForm form,
            @Nullable PartRequirement requirement,
            String problem) {}

    /**
     * @param before the line that was filled in last; empty where none was
     * @param form what stands in the editor, with the unit of the part
     * @throws FormRefused if the line cannot be read
     */
    static RequirementForm filled(
            String line, String before, RequirementForm form, List<Feature> features, Map<WorkKind, String> sheets)
            throws FormRefused {
        try {
            LengthUnit unit = form.layout().unit();
            RequirementForm plain = before.isBlank() ? form : form.unsaid(RequirementLine.of(before, unit), features);
            return plain.said(RequirementLine.of(line, unit), features, sheets);
        } catch (LineRejected e) {
            throw new FormRefused("line", Words.of(e.note()));
        }
    }

    /** Each line of a text that is not empty, over what is usual for the part. */
    static List<Meant> meant(String text, long partId, List<Feature> features, Map<WorkKind, String> sheets) {
        RequirementForm usual = RequirementForm.usual(features, sheets.getOrDefault(WorkKind.BETWEEN_CENTRES, ""));
        List<Meant> all = new ArrayList<>();
        for (String line : text.strip().split("\\R", -1)) {
            if (!line.isBlank() && all.size() <= MOST) {
                all.add(meantBy(line.strip(), usual, partId, features, sheets));
            }
        }
        return all;
    }

    private static Meant meantBy(
            String line, RequirementForm usual, long partId, List<Feature> features, Map<WorkKind, String> sheets) {
        try {
            RequirementForm form = filled(line, "", usual, features, sheets);
            if (form.featureId() == null) {
                return new Meant(line, form, null, Words.say("part.line-of-which-feature"));
            }
            RequirementDraft draft = RequirementDraft.of(form, 0, partId, 1, features);
            return new Meant(line, form, draft.requirement().orElse(null), first(draft.problems()));
        } catch (FormRefused e) {
            return new Meant(line, null, null, first(e.problems()));
        }
    }

    private static String first(Map<String, String> problems) {
        return problems.values().stream().findFirst().orElse("");
    }
}

package org.eskarn.app.part;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.eskarn.core.line.LineLimit;
import org.eskarn.core.line.LineRejected;
import org.eskarn.core.line.RequirementLine;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Parts of one requirement that are said in one line, for what comes to the bench without a drawing. */
@Service
public class QuickParts {

    private static final int LONGEST_TITLE = 100;
    private static final int LONGEST_NAME = 60;
    private static final long ANY = 1;

    private final PartChangeService editing;
    private final SheetService sheets;

    QuickParts(PartChangeService editing, SheetService sheets) {
        this.editing = editing;
        this.sheets = sheets;
    }

    /**
     * What a line means.
     *
     * @param requirement null where it is not whole
     * @param problem what is wrong with it; empty where nothing is
     */
    public record Meant(@Nullable PartRequirement requirement, String problem) {}

    /**
     * @param usual unit of what has none
     */
    public Meant meant(String line, LengthUnit usual) {
        try {
            return new Meant(read(line, usual), "");
        } catch (FormRefused e) {
            return new Meant(null, e.problems().values().iterator().next());
        }
    }

    /**
     * Makes the part. Returns its id.
     *
     * @param number what it is called instead of a drawing number
     * @throws FormRefused if the line is no whole requirement
     */
    @Transactional(rollbackFor = FormRefused.class)
    public long create(String line, LengthUnit usual, String number) throws FormRefused {
        PartRequirement requirement = read(line, usual);
        String said = line.strip();
        String title = said.length() > LONGEST_TITLE ? said.substring(0, LONGEST_TITLE) + "…" : said;
        Part part = new Part(0, number, "1", Words.say("part.quick-title", title), "", null, false, 0, null, true);
        return editing.insertQuick(part, requirement);
    }

    private PartRequirement read(String line, LengthUnit usual) throws FormRefused {
        RequirementLine said;
        try {
            said = RequirementLine.of(line, usual);
        } catch (LineRejected e) {
            throw new FormRefused("line", Words.of(e.note()));
        }
        List<Feature> features = List.of(feature(said));
        Map<WorkKind, String> cautions = cautions();
        RequirementForm form = RequirementForm.blank(usual, cautions.getOrDefault(WorkKind.BETWEEN_CENTRES, ""))
                .said(said, features, cautions)
                .limitFrom(Words.say("part.quick-source"));
        RequirementDraft draft = RequirementDraft.of(form, 0, 0, 1, features);
        return draft.requirement()
                .orElseThrow(() -> new FormRefused(
                        "line", draft.problems().values().iterator().next()));
    }

    /** Whoever checks something quickly knows how to prepare it; what can hurt is said all the same. */
    private Map<WorkKind, String> cautions() {
        return sheets.texts().entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        sheet -> sheet.getValue()
                                .lines()
                                .filter(each -> each.startsWith("!"))
                                .collect(Collectors.joining("\n"))));
    }

    /** Of a size that the line names; called as the line says, or simply the piece. */
    private static Feature feature(RequirementLine said) {
        Optional<LineLimit> sized = said.limit()
                .filter(limit ->
                        !limit.nominal().isEmpty() && limit.unit().length().isPresent());
        boolean inside =
                said.characteristic() == Characteristic.BORE_SIZE || said.characteristic() == Characteristic.PIN_CHECK;
        String name = said.feature().isEmpty() ? Words.say("part.quick-piece") : said.feature();
        return new Feature(
                ANY,
                0,
                name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name,
                "",
                inside ? SurfaceSide.INSIDE : SurfaceSide.OUTSIDE,
                sized.map(limit -> new BigDecimal(limit.nominal())).orElse(null),
                sized.flatMap(limit -> limit.unit().length()).orElse(null),
                Words.say("part.quick-seen-from"));
    }
}

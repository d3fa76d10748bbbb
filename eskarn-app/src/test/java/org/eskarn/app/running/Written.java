package org.eskarn.app.running;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.FormFields;
import org.eskarn.app.part.PartChangeService;
import org.eskarn.app.part.PartChangeService.FeatureForm;
import org.eskarn.app.part.PartChangeService.PartForm;
import org.eskarn.app.part.PartService;
import org.eskarn.app.part.RequirementForm;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.LengthUnit;

/** A part of its own with one requirement, written as in the editor, and a docket of it. */
public final class Written {

    private static final String OPENER = "m.quill";

    private Written() {}

    /**
     * @param fields of the editor, as name=text with semicolons between; those not named stand as usual for a runout
     */
    public static Work open(Eskarn eskarn, String fields) throws Exception {
        PartChangeService editing = eskarn.bean(PartChangeService.class);
        String number = "TF-" + System.nanoTime();
        long part = editing.create(new PartForm(number, "A", "Piece", "", ""));
        boolean inch = fields.contains("limit.unit=INCH");
        // Depths have no size that limits could be far from.
        String size = fields.contains("DEPTH_AND_PITCH") ? "" : inch ? "0.75" : "30";
        LengthUnit drawn = inch ? LengthUnit.INCH : LengthUnit.MILLIMETRE;
        editing.saveFeature(part, 0, 0, new FeatureForm("Piece", "", SurfaceSide.OUTSIDE, size, drawn, ""));
        Map<String, Object> form = new HashMap<>(Map.of(
                "title", "Figure",
                "featureId",
                        eskarn.bean(PartService.class).features(part).get(0).id(),
                "limit.unit", "MILLIMETRE",
                "layout.unit", "MILLIMETRE",
                "gauge.resolutionUnit", "MICROMETRE",
                "limit.rule", "SIMPLE",
                "gauge.kind", "INDICATOR",
                "gauge.zeroRule", "FIRST_STATION",
                "gauge.flicker", "MIDDLE",
                "setUp.workKind", "ON_THE_PLATE"));
        String last = "";
        for (String each : fields.split("; ")) {
            int at = each.indexOf('=');
            // A semicolon within a text parts names, as in a layout.
            last = at < 0 ? last : each.substring(0, at).strip();
            form.put(
                    last,
                    at < 0
                            ? form.get(last) + "; " + each
                            : each.substring(at + 1).strip());
        }
        editing.saveRequirement(part, 1, 0, FormFields.bind(RequirementForm.class, form));
        return Work.open(eskarn.context(), number, "A", 1, OPENER);
    }

    /** Reads on, with figures given in µm and typed as the gauge shows them; 2/6 is a needle between 2 and 6. */
    public static Work read(Work work, String micrometres) throws Exception {
        Gauge gauge = work.setUp().sweep().gauge();
        BigDecimal unit = gauge.readingUnit() == ReadingUnit.DIVISION
                ? gauge.graduation().multiply(gauge.graduationUnit().micrometres())
                : gauge.readingUnit().length().orElseThrow().micrometres();
        return work.read(
                OPENER,
                Arrays.stream(micrometres.split(" "))
                        .map(reading -> Arrays.stream(reading.split("/"))
                                .map(end -> new BigDecimal(end)
                                        .divide(unit, MathContext.DECIMAL64)
                                        .stripTrailingZeros()
                                        .toPlainString())
                                .collect(Collectors.joining("/")))
                        .collect(Collectors.joining(" ")));
    }
}

package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.core.evaluation.Circumstances;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * What was said of a set-up that its figures rest on: temperatures, the flex of the holder, the plate under part and gauge.
 *
 * @param celsiusTolerance to which both temperatures are known, either way, K
 * @param partExpansion of the part when it was said, 1e-6 per K
 * @param flex by how much the same place reads otherwise when it is approached from the other side
 * @param plateFlatness as it was known when it was said, µm
 * @param onSlide whether the indicator is carried by the slide that ground or guides the face; null where nobody was asked
 * @param reason why it was said under readings; empty where none stood
 * @param partTyped the temperature with its unit as it was typed, where that was not °C; null where it was
 * @param gaugeTyped likewise
 * @param toleranceTyped likewise, where that was not K
 */
public record SaidCircumstance(
        long id,
        long setUpId,
        @Nullable BigDecimal partCelsius,
        @Nullable BigDecimal gaugeCelsius,
        @Nullable BigDecimal celsiusTolerance,
        @Nullable BigDecimal partExpansion,
        @Nullable BigDecimal flex,
        @Nullable LengthUnit flexUnit,
        @Nullable Long plateId,
        @Nullable String plateMark,
        @Nullable BigDecimal plateFlatness,
        String reason,
        long saidBy,
        String saidByName,
        Instant saidAt,
        @Nullable Boolean onSlide,
        @Nullable String partTyped,
        @Nullable String gaugeTyped,
        @Nullable String toleranceTyped) {

    /** Expansion of the steel that gauges and masters are made of, 1e-6 per K. */
    public static final double GAUGE_STEEL = 11.5;

    private static final double REFERENCE = 20;

    /** Whether anything is said at all. */
    public boolean nothing() {
        return partCelsius == null && flex == null && plateId == null;
    }

    /** The same said of another set-up, with nothing read in it and nobody asked about its face yet. */
    public SaidCircumstance forSetUp(long other, long by, Instant at) {
        return said(other, "", by, at, null);
    }

    /** The same with the answer about the slide. */
    public SaidCircumstance onSlide(boolean carried, long by, Instant at) {
        return said(setUpId, reason, by, at, carried);
    }

    private SaidCircumstance said(long of, String why, long by, Instant at, @Nullable Boolean carried) {
        return new SaidCircumstance(
                0,
                of,
                partCelsius,
                gaugeCelsius,
                celsiusTolerance,
                partExpansion,
                flex,
                flexUnit,
                plateId,
                plateMark,
                plateFlatness,
                why,
                by,
                "",
                at,
                carried,
                partTyped,
                gaugeTyped,
                toleranceTyped);
    }

    /** Nothing said of a set-up yet. */
    public static SaidCircumstance none(long setUpId, long by, Instant at) {
        return new SaidCircumstance(
                0, setUpId, null, null, null, null, null, null, null, null, null, "", by, "", at, null, null, null,
                null);
    }

    /** The size whose warmth counts, µm; empty where none is measured. */
    private static Optional<Double> sized(PartRequirement requirement) {
        // Of a depth the feature's own size says nothing; its limit does, as does that of every size.
        return requirement.characteristic().sized()
                ? Optional.ofNullable(requirement.terms().bounds().upper()).or(requirement::reach)
                : Optional.empty();
    }

    /** Whether temperatures change what is measured. */
    public static boolean warmthCounts(PartRequirement requirement) {
        return sized(requirement).isPresent();
    }

    /** What is to be added to a size to have it at 20 °C, part and gauge each with its own expansion, µm. */
    private double toReference(PartRequirement requirement) {
        if (partCelsius == null || gaugeCelsius == null || partExpansion == null) {
            return 0;
        }
        double part = partExpansion.doubleValue() * (partCelsius.doubleValue() - REFERENCE);
        double gauge = GAUGE_STEEL * (gaugeCelsius.doubleValue() - REFERENCE);
        return -sized(requirement).orElse(0.0) * (part - gauge) * 1e-6;
    }

    private double warmthKnownTo(PartRequirement requirement) {
        if (celsiusTolerance == null || partExpansion == null) {
            return 0;
        }
        return sized(requirement).orElse(0.0)
                * (partExpansion.doubleValue() + GAUGE_STEEL)
                * celsiusTolerance.doubleValue()
                * 1e-6;
    }

    private double flexMicrometres() {
        return flex == null || flexUnit == null ? 0 : Math.abs(new Length(flex, flexUnit).micrometres());
    }

    /** Corrections that take a size to 20 °C as well, beside masters that are off by so much, µm. */
    static Corrections corrected(
            Corrections corrections, @Nullable SaidCircumstance said, PartRequirement requirement, double[] masters) {
        double warmth = said == null ? 0 : said.toReference(requirement);
        return corrections.on(masters[0] + warmth, masters[1] + warmth);
    }

    /** What the figure rests on. */
    static Circumstances circumstances(
            @Nullable SaidCircumstance said, PartRequirement requirement, List<MasterZero> zeros, double lever) {
        return new Circumstances(
                uncertainty(zeros, 1),
                uncertainty(zeros, 2),
                said == null ? 0 : said.warmthKnownTo(requirement),
                said == null ? 0 : said.flexMicrometres(),
                said == null || said.plateFlatness() == null
                        ? 0
                        : said.plateFlatness().doubleValue(),
                lever);
    }

    private static double uncertainty(List<MasterZero> zeros, int gaugeNumber) {
        return zeros.stream()
                .filter(zero -> zero.gaugeNumber() == gaugeNumber && zero.uncertainty() != null)
                .mapToDouble(zero -> zero.uncertainty().doubleValue())
                .findFirst()
                .orElse(0);
    }
}

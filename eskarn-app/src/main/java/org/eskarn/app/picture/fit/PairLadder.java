package org.eskarn.app.picture.fit;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.fit.LadderDrawing.Side;
import org.eskarn.app.picture.fit.LadderDrawing.Zone;
import org.eskarn.core.evaluation.FitReduction;
import org.eskarn.core.fit.Deviations;
import org.eskarn.core.fit.Fit;
import org.eskarn.core.fit.FitCode;
import org.eskarn.core.fit.FitUndefined;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;
import org.jspecify.annotations.Nullable;

/** The fit ladder of a pair as it was read in a docket. */
public final class PairLadder {

    private PairLadder() {}

    /** A pair as it was read in a docket; with the zones of its fit code, where it has one. */
    public static Drawing of(Subject subject, FitReduction fit) {
        Limit limit = subject.terms().limit();
        LengthUnit unit = limit.unit().length().orElse(LengthUnit.MILLIMETRE);
        Display small = new Display(unit.metric() ? LengthUnit.MICROMETRE : LengthUnit.TENTH);
        Length nominal = limit.nominal() == null
                ? subject.size().orElseGet(() -> rounded(fit, unit))
                : new Length(limit.nominal(), unit);
        Optional<FitCode> code = code(limit);
        // Zones of another edition of the tables than the limits were worked out by would mislead.
        Optional<Fit> meant = code.flatMap(each -> fit(each, nominal))
                .filter(each -> same(each.bounds(), subject.terms().bounds()));
        double from = nominal.micrometres();
        List<Zone> zones = List.of(
                zone(
                        LadderDrawing.named(
                                Words.say("picture.hole"),
                                code.map(FitCode::hole).orElse(null)),
                        Side.HOLE,
                        meant.map(Fit::hole).orElse(null),
                        fit.holes(),
                        from),
                zone(
                        LadderDrawing.named(
                                Words.say("picture.shaft"),
                                code.map(FitCode::shaft).orElse(null)),
                        Side.SHAFT,
                        meant.map(Fit::shaft).orElse(null),
                        fit.shafts(),
                        from));
        String written = limit.code().isEmpty() ? "" : " " + limit.code();
        return LadderDrawing.of(subject.name() + ", ⌀" + nominal + written, zones, meant.isPresent(), small);
    }

    private static Optional<FitCode> code(Limit limit) {
        if (limit.kind() != LimitKind.FIT_CODE || limit.text()) {
            return Optional.empty();
        }
        try {
            return Optional.of(FitCode.of(limit.code()));
        } catch (FitUndefined e) {
            return Optional.empty();
        }
    }

    /** The limits of both, by today's tables. */
    private static Optional<Fit> fit(FitCode code, Length nominal) {
        try {
            return code.at(nominal).fit();
        } catch (FitUndefined e) {
            return Optional.empty();
        }
    }

    private static boolean same(Bounds one, Bounds other) {
        return Math.abs(one.outside(0) - other.outside(0)) < 1e-6 && Math.abs(one.width() - other.width()) < 1e-6;
    }

    private static Zone zone(String name, Side side, @Nullable Deviations deviations, double[] sizes, double nominal) {
        double[] measured = Arrays.stream(sizes).map(size -> size - nominal).toArray();
        return deviations == null
                ? new Zone(name, side, null, null, measured)
                : Zone.of(name, side, deviations.lowerMicrometres(), deviations.upperMicrometres())
                        .with(measured);
    }

    /** Where nobody states a nominal, the first hole to a tenth of a millimetre or a hundredth of an inch stands for it. */
    private static Length rounded(FitReduction fit, LengthUnit unit) {
        LengthUnit whole = unit.metric() ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
        double size = fit.holes()[0] / whole.micrometres().doubleValue();
        return new Length(
                java.math.BigDecimal.valueOf(size).setScale(unit.metric() ? 1 : 2, java.math.RoundingMode.HALF_UP),
                whole);
    }
}

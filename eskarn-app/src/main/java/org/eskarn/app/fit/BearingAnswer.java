package org.eskarn.app.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.fit.LadderDrawing;
import org.eskarn.app.picture.fit.LadderDrawing.Side;
import org.eskarn.app.picture.fit.LadderDrawing.Zone;
import org.eskarn.core.fit.Bearing;
import org.eskarn.core.fit.Choices;
import org.eskarn.core.fit.Deviations;
import org.eskarn.core.fit.FitUndefined;
import org.eskarn.core.fit.RingFit;
import org.eskarn.core.fit.RingFit.Creep;
import org.eskarn.core.fit.Seat;
import org.eskarn.core.fit.Seat.Ring;
import org.eskarn.core.fit.Seat.Turning;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/** A bearing ring on its seat: the class usually chosen, the fit of what was measured, creep, and clearance lost. */
final class BearingAnswer {

    static final String MAKER = "The bearing maker’s data govern; the drawing before this page.";

    /** Metric bearings are told in mm and µm whatever the part is drawn in. */
    private static final Display SIZES = new Display(LengthUnit.MILLIMETRE);

    private static final Display SMALL = new Display(LengthUnit.MICROMETRE);

    private BearingAnswer() {}

    /** What was asked about. */
    private record Asked(Ring ring, double nominal, Bearing.Precision precision, Turning turning, Choices.Load load) {

        double below() throws FitUndefined {
            return ring == Ring.INNER
                    ? Bearing.boreBelow(nominal, precision)
                    : Bearing.outsideBelow(nominal, precision);
        }

        String name() {
            return ring == Ring.INNER ? "journal" : "housing";
        }
    }

    static Optional<Answer> of(Fields fields) {
        Length typed = fields.empty("size") ? null : fields.size("size", "a bore or outside diameter");
        List<Double> seat = fields.sizes("seat");
        double roughness = fields.amount("roughness", 0, "A roughness");
        double expanded = fields.amount("u", 0, "An uncertainty");
        if (typed == null || !fields.readable()) {
            return Optional.empty();
        }
        Ring ring = fields.choice("ring", Ring.INNER);
        // A shaft usually turns in a housing under a load that stands still.
        Turning usual = ring == Ring.INNER ? Turning.TURNING : Turning.STANDING;
        Asked asked = new Asked(
                ring,
                typed.millimetres(),
                fields.choice("precision", Bearing.Precision.NORMAL),
                fields.choice("turning", usual),
                fields.choice("load", Choices.Load.NORMAL));
        double[] sizes = seat.stream().mapToDouble(Double::doubleValue).toArray();
        for (double size : sizes) {
            if (Math.abs(size - typed.micrometres()) > typed.micrometres() / 50) {
                fields.problem(
                        "seat", "That is no seat for " + typed + ": type whole sizes of the " + asked.name() + ".");
                return Optional.empty();
            }
        }
        try {
            return Optional.of(answer(fields, asked, sizes, roughness, expanded));
        } catch (FitUndefined e) {
            fields.problem("size", e.sentence());
            return Optional.empty();
        }
    }

    private static Answer answer(Fields fields, Asked asked, double[] sizes, double roughness, double expanded)
            throws FitUndefined {
        double below = asked.below();
        Optional<Seat> seat =
                Seat.of(asked.ring(), asked.turning(), asked.load(), java.math.BigDecimal.valueOf(asked.nominal()));
        Answering answer = new Answering();
        limits(answer, asked, below, seat);
        answer.picture(ladder(asked, below, seat, sizes));
        if (sizes.length == 0) {
            answer.headline(seat.map(each -> "Usual seat: " + each.tolerance()).orElse("No usual seat is on record."));
            answer.remark("Type sizes of the " + asked.name() + " as measured, and its fit is judged.");
        } else {
            measured(answer, fields, asked, below, seat, sizes, roughness, expanded);
        }
        seat.filter(each -> !each.note().isEmpty())
                .ifPresent(each -> answer.remark(each.tolerance() + ": " + each.note() + "."));
        answer.remark(
                asked.turning() == Turning.STANDING
                        ? "A ring the load stands still on may slide along its seat; that is what lets a shaft grow when it is warm."
                        : "A ring the load turns round on creeps on its seat when it is loose, polishes it and chatters.");
        answer.governs(MAKER);
        return answer.done();
    }

    private static void limits(Answering answer, Asked asked, double below, Optional<Seat> seat) {
        List<DetailsView.Row> rows = new ArrayList<>();
        double nominal = asked.nominal() * 1000;
        rows.add(row(asked.ring() == Ring.INNER ? "bearing bore" : "bearing outside", nominal, -below, 0));
        seat.ifPresent(each -> {
            Deviations d = each.deviations();
            rows.add(row(
                    "usual " + asked.name() + " " + each.tolerance(),
                    nominal,
                    d.lowerMicrometres(),
                    d.upperMicrometres()));
        });
        answer.limits(List.of("limits of", "lower, µm", "upper, µm", "smallest, mm", "largest, mm"), rows);
    }

    private static DetailsView.Row row(String name, double nominal, double lower, double upper) {
        return Answering.row(
                name,
                SMALL.signed(lower),
                SMALL.signed(upper),
                SIZES.amount(nominal + lower),
                SIZES.amount(nominal + upper));
    }

    private static void measured(
            Answering answer,
            Fields fields,
            Asked asked,
            double below,
            Optional<Seat> seat,
            double[] sizes,
            double roughness,
            double expanded) {
        double nominal = asked.nominal() * 1000;
        RingFit fit = RingFit.of(asked.ring(), nominal, below, FitAnswer.min(sizes), FitAnswer.max(sizes), roughness);
        answer.headline(said(fit));
        answer.fact("tightest the ring can be", interference(fit.most()), "");
        answer.fact("loosest the ring can be", interference(fit.least()), "");
        if (roughness > 0 && fit.most() > 0) {
            answer.fact("lost by smoothing", fit.smoothing(), SMALL);
            answer.fact(
                    "left of the interference",
                    SMALL.amount(Math.max(0, fit.effective(fit.least()))) + " – "
                            + SMALL.amount(Math.max(0, fit.effective(fit.most()))),
                    SMALL.symbol());
        }
        creep(answer, fit.creep(asked.turning()), fit);
        seat.ifPresent(each -> answer.judged(
                "the " + asked.name() + " against " + each.tolerance() + ", the usual class for this load",
                FitAnswer.min(sizes) - nominal,
                FitAnswer.max(sizes) - nominal,
                org.eskarn.core.verdict.Bounds.between(
                        each.deviations().lowerMicrometres(), each.deviations().upperMicrometres()),
                expanded,
                SMALL));
        if (asked.ring() == Ring.INNER) {
            clearance(answer, fields, asked.nominal(), fit);
        }
    }

    private static String said(RingFit fit) {
        if (fit.least() > 0) {
            return "Interference of " + SMALL.amount(fit.least()) + " to " + SMALL.amount(fit.most()) + " µm";
        }
        if (fit.most() < 0) {
            return "Clearance of " + SMALL.amount(-fit.most()) + " to " + SMALL.amount(-fit.least()) + " µm";
        }
        return "From " + SMALL.amount(-fit.least()) + " µm of clearance to " + SMALL.amount(fit.most())
                + " µm of interference";
    }

    private static String interference(double amount) {
        return SMALL.amount(Math.abs(amount)) + " µm " + (amount >= 0 ? "interference" : "clearance");
    }

    private static void creep(Answering answer, Creep creep, RingFit fit) {
        switch (creep) {
            case CREEPS ->
                answer.warning("The ring will creep: it is loose at any size the bearing may have. No correction by"
                        + " grinding makes a seat tighter: sleeve, plate or remake it.");
            case MAY_CREEP ->
                answer.warning("The ring may creep: with a bearing at the loose end of its tolerance "
                        + (fit.effective(fit.least()) < 0
                                ? SMALL.amount(-fit.effective(fit.least())) + " µm of clearance is left."
                                : "nothing is left of the interference.")
                        + " Measure the bearing itself, or choose another seat.");
            case NEED_NOT_BE_TIGHT ->
                answer.remark("It can be tighter than this load asks for: the ring will not slide along, and"
                        + " taking it off needs a puller.");
            case HOLDS -> answer.remark("The ring holds at any size the bearing may have.");
            case MAY_SLIDE -> answer.remark("The ring can slide along its seat, as this load allows.");
        }
    }

    private static void clearance(Answering answer, Fields fields, double bore, RingFit fit) {
        Bearing.Clearance group = fields.choice("clearance", Bearing.Clearance.GROUP_N);
        Bearing.@Nullable Range before = Bearing.clearance(bore, group).orElse(null);
        if (before == null) {
            answer.remark("No internal clearance is on record for this bore.");
            return;
        }
        Bearing.Range left = fit.left(before);
        answer.fact(
                "internal clearance before, " + group.title(),
                SMALL.amount(before.least()) + " – " + SMALL.amount(before.most()),
                SMALL.symbol());
        answer.fact(
                "taken by mounting, on a solid steel shaft",
                SMALL.amount(fit.lost(fit.least())) + " – " + SMALL.amount(fit.lost(fit.most())),
                SMALL.symbol());
        answer.fact(
                "internal clearance left",
                SMALL.amount(left.least()) + " – " + SMALL.amount(left.most()),
                SMALL.symbol());
        if (left.least() < 0) {
            answer.warning("At its tightest the bearing would have no internal clearance left but "
                    + SMALL.amount(-left.least()) + " µm of preload: ask for a larger group, or measure the bearing.");
        }
    }

    private static org.eskarn.app.picture.engine.Drawing ladder(
            Asked asked, double below, Optional<Seat> seat, double[] sizes) {
        double nominal = asked.nominal() * 1000;
        double[] measured =
                java.util.Arrays.stream(sizes).map(size -> size - nominal).toArray();
        boolean inner = asked.ring() == Ring.INNER;
        List<Zone> zones = new ArrayList<>();
        zones.add(Zone.of(inner ? "bearing bore" : "bearing outside", inner ? Side.HOLE : Side.SHAFT, -below, 0));
        Side side = inner ? Side.SHAFT : Side.HOLE;
        zones.add(seat.map(each -> Zone.of(
                                asked.name() + " " + each.tolerance(),
                                side,
                                each.deviations().lowerMicrometres(),
                                each.deviations().upperMicrometres())
                        .with(measured))
                .orElseGet(() -> new Zone(asked.name(), side, null, null, measured)));
        return LadderDrawing.of(
                (inner ? "Inner ring on its journal, ⌀" : "Outer ring in its housing, ⌀") + said(asked.nominal())
                        + " mm",
                zones,
                false,
                SMALL);
    }

    private static String said(double number) {
        return Display.plain(number, 6);
    }
}

package org.eskarn.app.calculator.fits;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Answering;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
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

    static final String MAKER = Words.say("calculators.the-bearing-makers-data-govern-the-drawing");

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
            return ring == Ring.INNER ? Words.say("calculators.journal") : Words.say("calculators.housing");
        }
    }

    static Optional<Answer> of(Fields fields) {
        Length typed =
                fields.empty("size") ? null : fields.size("size", Words.say("calculators.a-bore-or-outside-diameter"));
        List<Double> seat = fields.sizes("seat");
        double roughness = fields.amount("roughness", 0, Words.say("calculators.a-roughness"));
        double expanded = fields.amount("u", 0, Words.say("calculators.an-uncertainty"));
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
                fields.problem("seat", Words.say("calculators.that-is-no-seat-for-type-whole", typed, asked.name()));
                return Optional.empty();
            }
        }
        try {
            return Optional.of(answer(fields, asked, sizes, roughness, expanded));
        } catch (FitUndefined e) {
            fields.problem("size", Words.of(e.note()));
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
            answer.headline(seat.map(each -> Words.say("calculators.usual-seat", each.tolerance()))
                    .orElse(Words.say("calculators.no-usual-seat-is-on-record")));
            answer.remark(Words.say("calculators.type-sizes-of-the-as-measured-and", asked.name()));
        } else {
            measured(answer, fields, asked, below, seat, sizes, roughness, expanded);
        }
        seat.ifPresent(
                each -> each.note().ifPresent(note -> answer.remark(each.tolerance() + ": " + Words.of(note) + ".")));
        answer.remark(
                asked.turning() == Turning.STANDING
                        ? Words.say("calculators.a-ring-the-load-stands-still-on")
                        : Words.say("calculators.a-ring-the-load-turns-round-on"));
        answer.governs(MAKER);
        return answer.done();
    }

    private static void limits(Answering answer, Asked asked, double below, Optional<Seat> seat) {
        List<DetailsView.Row> rows = new ArrayList<>();
        double nominal = asked.nominal() * 1000;
        rows.add(row(
                asked.ring() == Ring.INNER
                        ? Words.say("calculators.bearing-bore")
                        : Words.say("calculators.bearing-outside"),
                nominal,
                -below,
                0));
        seat.ifPresent(each -> {
            Deviations d = each.deviations();
            rows.add(row(
                    Words.say("calculators.usual", asked.name(), each.tolerance()),
                    nominal,
                    d.lowerMicrometres(),
                    d.upperMicrometres()));
        });
        answer.limits(
                List.of(
                        Words.say("calculators.limits-of"),
                        Words.say("calculators.lower-m"),
                        Words.say("calculators.upper-m"),
                        Words.say("calculators.smallest-mm"),
                        Words.say("calculators.largest-mm")),
                rows);
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
        answer.fact(Words.say("calculators.tightest-the-ring-can-be"), interference(fit.most()), "");
        answer.fact(Words.say("calculators.loosest-the-ring-can-be"), interference(fit.least()), "");
        if (roughness > 0 && fit.most() > 0) {
            answer.fact(Words.say("calculators.lost-by-smoothing"), fit.smoothing(), SMALL);
            answer.fact(
                    Words.say("calculators.left-of-the-interference"),
                    SMALL.amount(Math.max(0, fit.effective(fit.least()))) + " – "
                            + SMALL.amount(Math.max(0, fit.effective(fit.most()))),
                    SMALL.symbol());
        }
        // What holds has to hold with the uncertainty of the seat too.
        RingFit known = RingFit.of(
                asked.ring(),
                nominal,
                below,
                FitAnswer.min(sizes) - expanded,
                FitAnswer.max(sizes) + expanded,
                roughness);
        creep(answer, known.creep(asked.turning()), known);
        seat.ifPresent(each -> answer.judged(
                Words.say("calculators.the-against-the-usual-class-for-this", asked.name(), each.tolerance()),
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
            return Words.say("calculators.interference-of-to-m", SMALL.amount(fit.least()), SMALL.amount(fit.most()));
        }
        if (fit.most() < 0) {
            return Words.say("calculators.clearance-of-to-m", SMALL.amount(-fit.most()), SMALL.amount(-fit.least()));
        }
        return Words.say(
                "calculators.from-m-of-clearance-to-m-of", SMALL.amount(-fit.least()), SMALL.amount(fit.most()));
    }

    private static String interference(double amount) {
        return SMALL.amount(Math.abs(amount)) + " µm "
                + (amount >= 0 ? Words.say("calculators.interference") : Words.say("calculators.clearance-word"));
    }

    private static void creep(Answering answer, Creep creep, RingFit fit) {
        switch (creep) {
            case CREEPS -> answer.warning(Words.say("calculators.the-ring-will-creep-it-is-loose"));
            case MAY_CREEP ->
                answer.warning(Words.say(
                        "calculators.the-ring-may-creep-with-a-bearing",
                        fit.effective(fit.least()) < 0
                                ? Words.say(
                                        "calculators.m-of-clearance-is-left", SMALL.amount(-fit.effective(fit.least())))
                                : Words.say("calculators.nothing-is-left-of-the-interference")));
            case NEED_NOT_BE_TIGHT -> answer.remark(Words.say("calculators.it-can-be-tighter-than-this-load"));
            case HOLDS -> answer.remark(Words.say("calculators.the-ring-holds-at-any-size-the"));
            case MAY_SLIDE -> answer.remark(Words.say("calculators.the-ring-can-slide-along-its-seat"));
        }
    }

    private static void clearance(Answering answer, Fields fields, double bore, RingFit fit) {
        Bearing.Clearance group = fields.choice("clearance", Bearing.Clearance.GROUP_N);
        Bearing.@Nullable Range before = Bearing.clearance(bore, group).orElse(null);
        if (before == null) {
            answer.remark(Words.say("calculators.no-internal-clearance-is-on-record-for"));
            return;
        }
        Bearing.Range left = fit.left(before);
        answer.fact(
                Words.say("calculators.internal-clearance-before", group.title()),
                SMALL.amount(before.least()) + " – " + SMALL.amount(before.most()),
                SMALL.symbol());
        answer.fact(
                Words.say("calculators.taken-by-mounting-on-a-solid-steel"),
                SMALL.amount(fit.lost(fit.least())) + " – " + SMALL.amount(fit.lost(fit.most())),
                SMALL.symbol());
        answer.fact(
                Words.say("calculators.internal-clearance-left"),
                SMALL.amount(left.least()) + " – " + SMALL.amount(left.most()),
                SMALL.symbol());
        double usual = (left.least() + left.most()) / 2;
        if (usual < 0) {
            answer.warning(
                    Words.say("calculators.at-its-tightest-the-bearing-would-have", SMALL.amount(-left.least())));
        } else if (left.least() < 0) {
            answer.remark(Words.say(
                    "calculators.only-where-every-tolerance-is-at-its",
                    SMALL.amount(-left.least()),
                    SMALL.amount(usual)));
        }
    }

    private static org.eskarn.app.picture.engine.Drawing ladder(
            Asked asked, double below, Optional<Seat> seat, double[] sizes) {
        double nominal = asked.nominal() * 1000;
        double[] measured =
                java.util.Arrays.stream(sizes).map(size -> size - nominal).toArray();
        boolean inner = asked.ring() == Ring.INNER;
        List<Zone> zones = new ArrayList<>();
        zones.add(Zone.of(
                inner ? Words.say("calculators.bearing-bore") : Words.say("calculators.bearing-outside"),
                inner ? Side.HOLE : Side.SHAFT,
                -below,
                0));
        Side side = inner ? Side.SHAFT : Side.HOLE;
        zones.add(seat.map(each -> Zone.of(
                                asked.name() + " " + each.tolerance(),
                                side,
                                each.deviations().lowerMicrometres(),
                                each.deviations().upperMicrometres())
                        .with(measured))
                .orElseGet(() -> new Zone(asked.name(), side, null, null, measured)));
        return LadderDrawing.of(
                Words.say(
                        "calculators.mm",
                        inner
                                ? Words.say("calculators.inner-ring-on-its-journal")
                                : Words.say("calculators.outer-ring-in-its-housing"),
                        said(asked.nominal())),
                zones,
                false,
                SMALL);
    }

    private static String said(double number) {
        return Display.plain(number, 6);
    }
}

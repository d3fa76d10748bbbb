package org.eskarn.core.evaluation;

import java.util.List;
import java.util.Optional;
import org.eskarn.core.evaluation.JournalsReduction.Journal;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.requirement.DatumRead;
import org.eskarn.core.result.Note;
import org.eskarn.core.round.FirstHarmonic;
import org.eskarn.core.round.ReferenceCircle;

/**
 * The axis through the centres of two rings that were read in the same set-up, against the axis the part turns about: its lean
 * towards 0° and towards 90°, µm for each mm along it, t = (c₂ − c₁)/(z₂ − z₁).
 *
 * <p>A face square to it stands back, where the axis leans to at larger distances, by R t for the radius R. So a reading on a face
 * that looks towards larger distances is brought to the datum by + R (t · u), u the direction of its station, and one on a face that
 * looks the other way by − R (t · u).
 *
 * <p>Centres by least squares, or of the circles that touch outside the material: round a shaft the smallest, in a bore the largest.
 *
 * <p>Budget: a reading counts once more with 2R √(v₁ + v₂)/(z₂ − z₁) in the range of the face, v the variance factors of the fits.
 *
 * <p>Degenerate cases: fewer than three sections, a ring that shows no centre, or a face between the rings, of which nobody knows which
 * way it looks, is refused.
 *
 * @param cosine lean towards 0°, µm for each mm
 * @param sine lean towards 90°
 * @param middle halfway between the rings, mm
 * @param apart how far they are from each other, mm
 * @param perRadius how the error of a reading enters the lean over a diameter, for each mm of radius
 * @param form scatter about the two fits as it enters that way, µm for each mm of radius
 */
record DatumAxis(double cosine, double sine, double middle, double apart, double perRadius, double form) {

    /**
     * @param bore whether the rings were read in one, where the wall is higher towards the side its centre lies away from
     * @param sections all that were read, those of the datum first
     * @param perPlace mm for each unit of the layout
     */
    static DatumAxis of(DatumRead how, boolean bore, List<Journal> sections, double perPlace) throws StationsUnfit {
        if (sections.size() <= FaceToAxisReduction.RINGS) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.an-axis-needs-two-rings-and-a-face"));
        }
        Journal first = sections.get(0);
        Journal second = sections.get(1);
        double apart = (second.at() - first.at()) * perPlace;
        FirstHarmonic one = fit(first);
        FirstHarmonic other = fit(second);
        double[] from = centre(how, bore, first, one);
        double[] to = centre(how, bore, second, other);
        return new DatumAxis(
                (to[0] - from[0]) / apart,
                (to[1] - from[1]) / apart,
                (first.at() + second.at()) / 2 * perPlace,
                Math.abs(apart),
                2 / Math.abs(apart) * Math.sqrt(one.varianceFactor() + other.varianceFactor()),
                2 / Math.abs(apart) * Math.hypot(ofForm(one), ofForm(other)));
    }

    private static double ofForm(FirstHarmonic fit) {
        return fit.residualDeviation() * Math.sqrt(fit.varianceFactor());
    }

    private static FirstHarmonic fit(Journal ring) throws StationsUnfit {
        if (ring.fit().isEmpty()) {
            throw new StationsUnfit(
                    Reason.TOO_FEW_ANGLES, Note.of("core.a-ring-of-the-datum-shows-no-centre", ring.name()));
        }
        return ring.fit().get();
    }

    private static double[] centre(DatumRead how, boolean bore, Journal ring, FirstHarmonic fit) throws StationsUnfit {
        int sign = bore ? -1 : 1;
        if (how == DatumRead.LEAST_SQUARES) {
            return new double[] {sign * fit.cosine(), sign * fit.sine()};
        }
        double[] outwards = Sections.micrometres(ring.readings());
        for (int i = 0; i < outwards.length; i++) {
            outwards[i] *= sign;
        }
        Optional<ReferenceCircle> circle = ReferenceCircle.of(
                bore ? ReferenceCircle.Kind.MAXIMUM_INSCRIBED : ReferenceCircle.Kind.MINIMUM_CIRCUMSCRIBED,
                Sections.radians(ring.readings()),
                outwards,
                0);
        if (circle.isEmpty()) {
            throw new StationsUnfit(
                    Reason.NARROW_ARC, Note.of("core.a-ring-of-the-datum-shows-no-centre", ring.name()));
        }
        return new double[] {circle.get().cosine(), circle.get().sine()};
    }

    /** µm for each mm. */
    double lean() {
        return Math.hypot(cosine, sine);
    }

    /** Degrees, from 0. */
    double direction() {
        double degrees = Math.toDegrees(Math.atan2(sine, cosine));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    /**
     * Readings on a face as they stand to the axis.
     *
     * @param radius on which they were taken, mm
     * @param at where the face is, mm
     * @param towards whether it looks at the rings
     */
    List<Reading> against(List<Reading> read, double radius, double at, boolean towards) throws StationsUnfit {
        if (Math.abs(at - middle) < apart / 2) {
            throw new StationsUnfit(Reason.CONTRADICTION, Note.of("core.a-face-between-the-rings"));
        }
        double sign = at > middle == towards ? -1 : 1;
        return read.stream()
                .map(reading -> {
                    double angle = reading.station().radians();
                    double back = radius * (cosine * Math.cos(angle) + sine * Math.sin(angle));
                    return new Reading(
                            reading.station(),
                            reading.micrometres() + sign * back,
                            reading.halfBand(),
                            reading.noted());
                })
                .toList();
    }
}

package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.FigureTable;
import org.eskarn.core.result.FigureTable.Row;
import org.eskarn.core.result.Note;
import org.eskarn.core.result.WrittenNumber;
import org.eskarn.core.round.FirstHarmonic;
import org.eskarn.core.round.Harmonics;
import org.eskarn.core.round.ReferenceCircle;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.round.VBlock;
import org.eskarn.core.uncertainty.UncertaintyBudget;
import org.eskarn.core.zone.ThinnestBand;

/**
 * Roundness of one or several sections by the reference circle that the requirement names, the other circles beside it, the
 * waves round the worst section, and what gauges of two or three points would have shown of them.
 *
 * <p>Roundness = largest − smallest distance from the centre of the circle, µm; of several sections the largest.
 *
 * <p>Budget: of a minimum zone its contacts as it weighs them ({@link GaugeParts#ofZone}); of the other circles the difference of two
 * readings ({@link GaugeParts#ofDifference}, factor 1), a high and a low one carrying them.
 *
 * <p>Degenerate cases: three angles are always round, so that fewer than four are refused, as are stations that fix no circle.
 *
 * <p>Source: ISO 12181-1.
 *
 * @param profiles in the order first read
 * @param worst index of the one judged
 */
public record RoundnessReduction(
        double judged, UncertaintyBudget budget, List<Profile> profiles, int worst, Details told) implements Reduction {

    /** Degrees; the included angles of V-blocks that are told of. */
    private static final double[] USUAL_VEES = {60, 90, 120};
    /** Of the roundness: lobes of an odd order from here on are worth a warning. */
    private static final double WORTH_TELLING = 0.25;

    /**
     * One section.
     *
     * @param name its distance with the unit; empty for one ring alone
     * @param stations in the order read
     * @param seen the profile about the centre of the circle that is judged by
     * @param judged that circle
     * @param circles all four that the stations fix
     */
    public record Profile(
            String name,
            List<Station> stations,
            ReferenceCircle.Seen seen,
            ReferenceCircle judged,
            List<ReferenceCircle> circles,
            Harmonics harmonics) {}

    /** @throws StationsUnfit if the stations of a section do not fix its circle */
    static RoundnessReduction of(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        List<Profile> profiles = new ArrayList<>();
        int worst = 0;
        for (Map.Entry<Double, List<Reading>> section : Sections.of(sweep).entrySet()) {
            profiles.add(profile(requirement, Sections.place(sweep, section.getKey()), section.getValue()));
            if (profiles.get(profiles.size() - 1).judged().roundness()
                    > profiles.get(worst).judged().roundness()) {
                worst = profiles.size() - 1;
            }
        }
        return new RoundnessReduction(
                profiles.get(worst).judged().roundness(),
                budget(requirement, dial, sweep, profiles.get(worst)),
                profiles,
                worst,
                told(profiles, worst));
    }

    /** Of a minimum zone as its contacts weigh their readings; of the other circles as a plain difference. */
    private static UncertaintyBudget budget(Requirement requirement, Dial dial, Sweep sweep, Profile profile) {
        double width = profile.judged().roundness();
        if (profile.judged().kind() != ReferenceCircle.Kind.MINIMUM_ZONE) {
            return GaugeParts.ofDifference(requirement, dial, sweep, 1);
        }
        double[] outwards = profile.seen().outwards();
        double[] cosines = new double[outwards.length];
        double[] sines = new double[outwards.length];
        for (int i = 0; i < outwards.length; i++) {
            cosines[i] = Math.cos(profile.seen().radians()[i]);
            sines[i] = Math.sin(profile.seen().radians()[i]);
        }
        return GaugeParts.ofZone(
                requirement,
                dial,
                sweep,
                width,
                ThinnestBand.of(outwards, cosines, sines).contacts());
    }

    private static Profile profile(Requirement requirement, String name, List<Reading> readings) throws StationsUnfit {
        double[] radians = Sections.radians(readings);
        double radius =
                requirement.basis().size().map(size -> size.micrometres() / 2).orElse(0.0);
        double sign = requirement.side() == SurfaceSide.INSIDE ? -1 : 1;
        double[] outwards =
                readings.stream().mapToDouble(r -> sign * r.micrometres()).toArray();
        // Where the ends of bands count, each stands twice, so that every circle holds both.
        boolean ends = requirement.flicker() == FlickerRule.EXTREMES
                && readings.stream().anyMatch(r -> r.halfBand() > 0);
        double[] at = ends ? Lines.concat(radians, radians) : radians;
        double[] held = ends
                ? Lines.concat(
                        readings.stream().mapToDouble(r -> sign * r.low()).toArray(),
                        readings.stream().mapToDouble(r -> sign * r.high()).toArray())
                : outwards;
        // Refuses stations that cannot show a centre, in its own words.
        if (FirstHarmonic.fit(radians, outwards).degreesOfFreedom() == 0) {
            throw new StationsUnfit(Reason.TOO_FEW_ANGLES, Note.of("core.roundness-needs-readings-at-four-angles-at"));
        }
        ReferenceCircle.Kind kind = requirement.statedAs().circle();
        List<ReferenceCircle> circles = new ArrayList<>();
        ReferenceCircle judged = null;
        for (ReferenceCircle.Kind each : ReferenceCircle.Kind.values()) {
            Optional<ReferenceCircle> circle =
                    ReferenceCircle.of(each, at, held, radius).map(found -> found.folded(readings.size()));
            circle.ifPresent(circles::add);
            judged = each == kind ? circle.orElse(null) : judged;
        }
        if (judged == null) {
            throw new StationsUnfit(
                    Reason.NARROW_ARC, Note.of("core.the-circle-needs-stations-round-more-than", kind.title()));
        }
        return new Profile(
                name,
                readings.stream().map(Reading::station).toList(),
                judged.seen(radians, outwards, radius),
                judged,
                circles,
                waves(circles.get(0), radians, outwards, radius));
    }

    /** About the least squares centre, the first of the circles, with the off-centre as it was found. */
    private static Harmonics waves(ReferenceCircle circle, double[] radians, double[] outwards, double radius) {
        ReferenceCircle.Seen seen = circle.seen(radians, outwards, radius);
        return Harmonics.of(seen.radians(), seen.outwards()).offCentre(circle.cosine(), circle.sine());
    }

    private static Details told(List<Profile> profiles, int worst) {
        Profile shown = profiles.get(worst);
        List<Figure> figures = new ArrayList<>();
        if (profiles.size() > 1) {
            figures.add(Figure.deviation(
                    Note.of("core.worst-at", shown.name()), shown.judged().roundness()));
        }
        List<FigureTable> tables = new ArrayList<>();
        tables.add(circles(profiles));
        Harmonics harmonics = shown.harmonics();
        if (harmonics.limit() > 1) {
            figures.add(Figure.deviation(Note.of("core.a-two-point-gauge-would-show"), harmonics.seenByTwoPoints()));
            tables.add(waves(harmonics));
        }
        return new Details(figures, tables, remarks(shown));
    }

    private static FigureTable circles(List<Profile> profiles) {
        List<Row> rows = new ArrayList<>();
        for (Profile profile : profiles) {
            for (ReferenceCircle circle : profile.circles()) {
                boolean judged = circle.kind() == profile.judged().kind();
                Note name = profiles.size() > 1
                        ? Note.of(
                                "core.circle-at", profile.name(), circle.kind().title())
                        : circle.kind().title();
                rows.add(Row.of(
                        judged ? Note.of("core.judged", name) : name,
                        Figure.deviation(circle.roundness()),
                        Figure.deviation(circle.offCentre())));
            }
        }
        return new FigureTable(
                Note.of("core.by-each-reference-circle"),
                List.of(Note.of("core.circle"), Note.of("core.roundness"), Note.of("core.off-centre")),
                rows);
    }

    private static FigureTable waves(Harmonics harmonics) {
        List<Note> heads = new ArrayList<>(
                List.of(Note.of("core.waves-to-a-turn"), Note.of("core.height"), Note.of("core.first-crest")));
        for (double vee : USUAL_VEES) {
            heads.add(Note.of("core.in-a-v-of-times", WrittenNumber.number(vee)));
        }
        List<Row> rows = new ArrayList<>();
        for (Harmonics.Wave wave : harmonics.waves()) {
            List<Figure> cells = new ArrayList<>();
            cells.add(Figure.deviation(2 * wave.amplitude()));
            cells.add(Figure.direction(Note.text(""), Math.toDegrees(wave.crest())));
            for (double vee : USUAL_VEES) {
                cells.add(Figure.number(Note.text(""), Math.abs(new VBlock(vee).factor(wave.order()))));
            }
            rows.add(new Row(meaning(wave.order()), cells));
        }
        return new FigureTable(Note.of("core.waves-round-the-section-crest-to-trough"), heads, rows);
    }

    private static Note meaning(int order) {
        return switch (order) {
            case 1 -> Note.of("core.off-centre-2", order);
            case 2 -> Note.of("core.oval", order);
            case 3, 5, 7 -> Note.of("core.lobes", order);
            default -> Note.text(Integer.toString(order));
        };
    }

    private static List<Note> remarks(Profile profile) {
        List<Note> remarks = new ArrayList<>();
        Harmonics harmonics = profile.harmonics();
        harmonics
                .largestLobes()
                .filter(wave -> wave.order() % 2 == 1
                        && 2 * wave.amplitude()
                                > WORTH_TELLING * profile.judged().roundness()
                        && wave.amplitude() > 0)
                .ifPresent(wave -> remarks.add(Note.of(
                        "core.lobes-of-a-micrometer-snap-gauge-or",
                        wave.order(),
                        Figure.deviation(2 * wave.amplitude()),
                        Figure.deviation(harmonics.seenByTwoPoints()))));
        if (!profile.judged().unique()) {
            remarks.add(Note.of(
                    "core.the-circle-fits-in-more-than-one",
                    profile.judged().kind().title()));
        }
        int stations = profile.stations().size();
        if (harmonics.limit() < Harmonics.MOST) {
            remarks.add(
                    harmonics.limit() == 0
                            ? Note.of("core.these-stations-show-no-waves-at-all", stations)
                            : Note.of("core.these-stations-show-waves-up-to-to", stations, harmonics.limit()));
        }
        return remarks;
    }
}

package org.eskarn.core.evaluation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.core.evaluation.JournalsReduction.Journal;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.reading.StationsUnfit.Reason;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.AxisFace;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.FigureTable;
import org.eskarn.core.result.FigureTable.Row;
import org.eskarn.core.result.Note;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.uncertainty.Contribution;
import org.eskarn.core.uncertainty.Contribution.Source;
import org.eskarn.core.units.Length;

/**
 * Squareness of faces that were read round, to the axis the part turns about or to one that two rings of the same sweep show
 * ({@link DatumAxis}): the first two sections are read on the datum, all others on faces. Of several faces the worst is judged.
 *
 * <p>Judged = (highest − lowest of a face, as it stands to the axis) · length / (2 R), µm; the factor is 1 where the limit is over the
 * face as it is.
 *
 * <p>Budget: the difference of two readings, with what the axis is known to, its rings' scatter about their fits, and what lies between
 * the stations of the face ({@link Sections#between}).
 *
 * <p>Degenerate cases: without a radius neither an axis nor a length can be counted with, and is refused once all is read; before the
 * first face is read the figure is 0.
 *
 * <p>Source: ISO 1101 (perpendicularity of a surface to an axis), ISO 5459 (common axis as a datum).
 */
public final class FaceToAxisReduction {

    /** The first sections, that the datum is had from. */
    public static final int RINGS = 2;

    private static final double UM_PER_MM = 1000;

    private FaceToAxisReduction() {}

    static JournalsReduction of(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        Sections.requireAngles(sweep);
        boolean datum = requirement.basis().datum().read();
        Optional<Double> radius = requirement.basis().radius().map(length -> length.micrometres() / UM_PER_MM);
        Length per = requirement.limit().per();
        if (radius.isEmpty() && (datum || per != null)) {
            throw new StationsUnfit(Reason.TOO_FEW, Note.of("core.the-radius-of-the-face-is-not-known"));
        }
        double mm = sweep.layout().unit().millimetres();
        AxisFace lies = requirement.basis().axisFace();
        List<Journal> read = new ArrayList<>();
        for (Map.Entry<Double, List<Reading>> section : Sections.of(sweep).entrySet()) {
            boolean ring = datum && read.size() < RINGS;
            read.add(JournalsReduction.journal(
                    requirement,
                    sweep,
                    section.getKey(),
                    section.getValue(),
                    ring && lies.bore() ? SurfaceSide.INSIDE : SurfaceSide.OUTSIDE));
        }
        Optional<DatumAxis> axis = datum && sweep.stationsToGo() == 0
                ? Optional.of(DatumAxis.of(requirement.basis().datum(), lies.bore(), read, mm))
                : Optional.empty();
        List<Journal> rings = datum ? read.subList(0, Math.min(RINGS, read.size())) : List.of();
        List<Journal> faces = new ArrayList<>();
        for (Journal face : read.subList(rings.size(), read.size())) {
            if (axis.isEmpty()) {
                faces.add(face);
                continue;
            }
            List<Reading> held =
                    axis.get().against(face.readings(), radius.orElseThrow(), face.at() * mm, lies.towards());
            faces.add(JournalsReduction.journal(requirement, sweep, face.at(), held, SurfaceSide.OUTSIDE));
        }
        double factor = per == null ? 1 : per.micrometres() / UM_PER_MM / (2 * radius.orElseThrow());
        Optional<Journal> worst = faces.stream().max(Comparator.comparingDouble(Journal::movement));
        double judged = worst.map(Journal::movement).orElse(0.0);
        double known = axis.map(line -> radius.orElseThrow() * line.perRadius()).orElse(0.0);
        double form = axis.map(line -> radius.orElseThrow() * line.form()).orElse(0.0);
        Contribution between = worst.map(
                        face -> Sections.between(dial, sweep, face.readings(), face.movement(), factor))
                .orElse(Contribution.upwards(Source.BETWEEN, 0, 0, factor));
        List<Journal> shown = new ArrayList<>(rings);
        shown.addAll(faces);
        return new JournalsReduction(
                judged * factor,
                GaugeParts.ofDifference(requirement, dial, sweep, factor * Math.sqrt((2 + known * known) / 2))
                        .with(new Contribution(Source.FORM, factor * form))
                        .with(between),
                shown,
                told(requirement, sweep, rings.size(), shown, axis));
    }

    private static Details told(
            Requirement requirement, Sweep sweep, int rings, List<Journal> shown, Optional<DatumAxis> axis) {
        List<Row> rows = new ArrayList<>();
        for (Journal section : shown) {
            boolean ring = rows.size() < rings;
            rows.add(Row.of(
                    Note.of(ring ? "core.datum-ring-at" : "core.face-at", section.name()),
                    Figure.deviation(section.movement()),
                    section.offset().map(o -> Figure.deviation(o.amount())).orElse(Figure.none()),
                    section.directed()
                            ? Figure.direction(
                                    Note.text(""),
                                    section.offset().orElseThrow().degrees())
                            : Figure.none()));
        }
        List<Figure> figures = new ArrayList<>();
        List<Note> remarks = new ArrayList<>(Sections.few(sweep));
        axis.ifPresent(line -> {
            figures.add(Figure.slope(Note.of("core.the-axis-of-the-rings-leans"), line.lean()));
            figures.add(Figure.direction(Note.of("core.towards"), line.direction()));
            remarks.add(Note.of(
                    "core.held-against-the-axis",
                    requirement.basis().datum().title(),
                    requirement.basis().axisFace().title()));
        });
        return new Details(
                figures,
                List.of(new FigureTable(
                        Note.of("core.section-by-section"),
                        List.of(
                                Note.of("core.at-3"),
                                Note.of("core.movement-2"),
                                Note.of("core.off-centre-or-lean"),
                                Note.of("core.towards")),
                        rows)),
                remarks);
    }
}

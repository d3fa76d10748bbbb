package org.eskarn.app.remedy;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.flat.PlatePictures;
import org.eskarn.core.evaluation.HeightsReduction;
import org.eskarn.core.flat.Tilt;
import org.eskarn.core.reading.Station;
import org.eskarn.core.remedy.Packing;
import org.eskarn.core.remedy.Packing.Support;
import org.eskarn.core.requirement.RemedyKind;
import org.jspecify.annotations.Nullable;

/** Packing under corners, or screws, to bring a face parallel. */
final class PackingAdvice {

    private static final int MOST_LISTED = 60;
    private static final double FULL_TURN = 360;

    private PackingAdvice() {}

    static Advice of(MeasuredState found, Fields fields) {
        HeightsReduction heights =
                (HeightsReduction) found.assessment().reduction().orElseThrow();
        double perPlace = found.assessment().sweep().layout().unit().millimetres();
        List<Support> supports = Places.read(fields, "supports", perPlace);
        BigDecimal pitch = fields.above("pitch", Words.say("remedy.a-pitch"));
        if (!fields.text("how").equals(RemedyFields.SCREWS)) {
            fields.ignore("pitch");
        }
        if (supports.size() < 2 || !fields.problems().isEmpty()) {
            return Advice.not(
                    RemedyKind.PACKING, Words.say("remedy.write-where-it-stands-a-name-and"), fields.problems());
        }
        Packing packing = Packing.of(
                heights.zone(),
                heights.x(),
                heights.y(),
                heights.heights(),
                supports,
                fields.text("how").equals(RemedyFields.SCREWS));
        String fixed = supports.get(packing.fixed()).name();
        Tilt tilt = new Tilt(heights.zone().slopeX(), heights.zone().slopeY());
        List<String> lines = new ArrayList<>();
        lines.add(Words.say(
                "remedy.it-falls-on-the-plan", tilt.words(), found.deviations().slope(tilt.steepest())));
        lines.add(Words.say(
                "remedy.stays-as-it-is-predicted-highest-less", fixed, found.deviation(packing.parallelism())));
        if (supports.size() > 3) {
            lines.add(Words.say("remedy.bring-three-of-them-to-size-first"));
        }
        if (fields.text("how").equals(RemedyFields.SCREWS)) {
            lines.add(Words.say("remedy.turn-a-little-at-a-time-lock"));
        }
        List<DetailsView.Table> tables =
                new ArrayList<>(List.of(lifts(found, fields, packing, supports, pitch, perPlace)));
        List<Station> stations = found.assessment().sweep().layout().stations();
        if (stations.size() <= MOST_LISTED) {
            tables.add(predicted(found, packing, heights, stations));
        }
        return new Advice(
                RemedyKind.PACKING,
                true,
                headline(found, packing, supports, fields.text("how").equals(RemedyFields.SCREWS)),
                lines,
                List.of(),
                tables,
                Optional.of(PlatePictures.packed(
                        found.subject(), found.assessment(), supports, packing, found.deviations())),
                OptionalDouble.of(packing.parallelism()),
                headline(found, packing, supports, fields.text("how").equals(RemedyFields.SCREWS)),
                fields.problems());
    }

    private static String headline(MeasuredState found, Packing packing, List<Support> supports, boolean screws) {
        StringBuilder moves = new StringBuilder();
        for (int i = 0; i < supports.size(); i++) {
            double lift = packing.lifts().get(i);
            if (i != packing.fixed()) {
                moves.append(moves.isEmpty() ? "" : ", ")
                        .append(supports.get(i).name())
                        .append(lift >= 0 ? Words.say("remedy.up-by") : Words.say("remedy.down-by"))
                        .append(found.deviation(Math.abs(lift)));
            }
        }
        return (screws ? Words.say("remedy.set-the-screws") : Words.say("remedy.pack-under-it")) + moves;
    }

    private static DetailsView.Table lifts(
            MeasuredState found,
            Fields fields,
            Packing packing,
            List<Support> supports,
            @Nullable BigDecimal pitch,
            double perPlace) {
        boolean turns = fields.text("how").equals(RemedyFields.SCREWS) && pitch != null;
        List<String> heads = new ArrayList<>(List.of(
                Words.say("remedy.head-support"),
                Words.say("remedy.up-2", found.deviations().symbol())));
        if (turns) {
            heads.add(Words.say("remedy.turn"));
        }
        List<DetailsView.Row> rows = new ArrayList<>();
        for (int i = 0; i < supports.size(); i++) {
            double lift = packing.lifts().get(i);
            List<String> cells = new ArrayList<>(List.of(found.deviations().signed(lift)));
            if (turns && pitch != null) {
                cells.add(Long.toString(Math.round(lift / (pitch.doubleValue() * perPlace * 1000) * FULL_TURN))
                        .replace('-', '−'));
            }
            rows.add(new DetailsView.Row(supports.get(i).name(), cells));
        }
        return new DetailsView.Table(
                fields.text("how").equals(RemedyFields.SCREWS)
                        ? Words.say("remedy.screw-by-screw")
                        : Words.say("remedy.packing"),
                heads,
                rows);
    }

    private static DetailsView.Table predicted(
            MeasuredState found, Packing packing, HeightsReduction heights, List<Station> stations) {
        List<DetailsView.Row> rows = new ArrayList<>();
        for (int i = 0; i < packing.predicted().length; i++) {
            rows.add(new DetailsView.Row(
                    stations.get(i).name(),
                    List.of(
                            found.deviations().signed(heights.heights()[i]),
                            found.deviations().signed(packing.predicted()[i]))));
        }
        String unit = ", " + found.deviations().symbol();
        return new DetailsView.Table(
                Words.say("remedy.readings-to-come"),
                List.of(
                        Words.say("remedy.head-at"),
                        Words.say("remedy.head-was") + unit,
                        Words.say("remedy.will-be", unit)),
                rows);
    }
}

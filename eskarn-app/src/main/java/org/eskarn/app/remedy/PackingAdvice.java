package org.eskarn.app.remedy;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Typed;
import org.eskarn.app.picture.flat.PlatePictures;
import org.eskarn.core.evaluation.HeightsReduction;
import org.eskarn.core.flat.Tilt;
import org.eskarn.core.reading.Station;
import org.eskarn.core.remedy.Packing;
import org.eskarn.core.remedy.Packing.Support;
import org.jspecify.annotations.Nullable;

/** Packing under corners, or screws, to bring a face parallel. */
final class PackingAdvice {

    private static final int MOST_LISTED = 60;
    private static final double FULL_TURN = 360;

    private PackingAdvice() {}

    static Advice of(MeasuredState found, RemedyForm form) {
        HeightsReduction heights =
                (HeightsReduction) found.assessment().reduction().orElseThrow();
        FlatForm flat = form.flatIn(found);
        Typed typed = new Typed(new LinkedHashMap<>());
        double perPlace = found.assessment().sweep().layout().unit().millimetres();
        List<Support> supports = Places.read(flat.supports(), perPlace, typed);
        BigDecimal pitch = typed.above("flat.pitch", flat.pitch(), "A pitch");
        if (supports.size() < 2 || !typed.problems().isEmpty()) {
            return Advice.not(
                    RemedyKind.PACKING,
                    "Write where it stands: a name and two distances of each support.",
                    typed.problems());
        }
        Packing packing =
                Packing.of(heights.zone(), heights.x(), heights.y(), heights.heights(), supports, flat.screws());
        String fixed = supports.get(packing.fixed()).name();
        Tilt tilt = new Tilt(heights.zone().slopeX(), heights.zone().slopeY());
        List<String> lines = new ArrayList<>();
        lines.add("It falls " + tilt.words() + " on the plan, " + found.deviation(tilt.per100()) + " over 100 mm.");
        lines.add(fixed + " stays as it is. Predicted: highest less lowest " + found.deviation(packing.parallelism())
                + ", which is the flatness: no packing makes it less.");
        if (supports.size() > 3) {
            lines.add(
                    "Bring three of them to size first; the others are only brought to touch, so that it does not rock.");
        }
        if (flat.screws()) {
            lines.add("Turn a little at a time, lock, and read again; a locked screw moves once more.");
        }
        List<DetailsView.Table> tables =
                new ArrayList<>(List.of(lifts(found, flat, packing, supports, pitch, perPlace)));
        List<Station> stations = found.assessment().sweep().layout().stations();
        if (stations.size() <= MOST_LISTED) {
            tables.add(predicted(found, packing, heights, stations));
        }
        return new Advice(
                RemedyKind.PACKING,
                true,
                headline(found, packing, supports, flat.screws()),
                lines,
                List.of(),
                tables,
                Optional.of(PlatePictures.packed(
                        found.subject(), found.assessment(), supports, packing, found.deviations())),
                OptionalDouble.of(packing.parallelism()),
                headline(found, packing, supports, flat.screws()),
                typed.problems());
    }

    private static String headline(MeasuredState found, Packing packing, List<Support> supports, boolean screws) {
        StringBuilder moves = new StringBuilder();
        for (int i = 0; i < supports.size(); i++) {
            double lift = packing.lifts().get(i);
            if (i != packing.fixed()) {
                moves.append(moves.isEmpty() ? "" : ", ")
                        .append(supports.get(i).name())
                        .append(lift >= 0 ? " up by " : " down by ")
                        .append(found.deviation(Math.abs(lift)));
            }
        }
        return (screws ? "Set the screws: " : "Pack under it: ") + moves;
    }

    private static DetailsView.Table lifts(
            MeasuredState found,
            FlatForm flat,
            Packing packing,
            List<Support> supports,
            @Nullable BigDecimal pitch,
            double perPlace) {
        boolean turns = flat.screws() && pitch != null;
        List<String> heads =
                new ArrayList<>(List.of("support", "up, " + found.deviations().symbol()));
        if (turns) {
            heads.add("turn, °");
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
        return new DetailsView.Table(flat.screws() ? "Screw by screw" : "Packing", heads, rows);
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
        return new DetailsView.Table("Readings to come", List.of("at", "was" + unit, "will be" + unit), rows);
    }
}

package org.eskarn.app.remedy;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Typed;
import org.eskarn.app.picture.flat.PlatePictures;
import org.eskarn.core.evaluation.HeightsReduction;
import org.eskarn.core.flat.Facets;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.remedy.Regrind;
import org.eskarn.core.remedy.Regrind.Feed;

/** Grinding a face until it is clean. */
final class RegrindAdvice {

    /** µm of a usual downfeed. */
    private static final double USUAL = 5;

    private RegrindAdvice() {}

    static Advice of(MeasuredState found, RemedyForm form) {
        HeightsReduction heights =
                (HeightsReduction) found.assessment().reduction().orElseThrow();
        FlatForm flat = form.flatIn(found);
        Typed typed = new Typed(new LinkedHashMap<>());
        BigDecimal feed = typed.above("flat.feed", flat.feed(), "A downfeed");
        Integer at = typed.whole("flat.atFeed", flat.atFeed(), 0, Regrind.MOST);
        Facets facets = Facets.of(found.assessment().corrected());
        double[] lying = flat.levelled() ? heights.levelled() : heights.heights();
        double micrometres = feed == null ? USUAL : found.deviations().micrometres(feed.doubleValue());
        if (!typed.problems().isEmpty()) {
            return Advice.not(RemedyKind.REGRIND, "Type the depth of each downfeed.", typed.problems());
        }
        try {
            Regrind grind = Regrind.of(facets, lying, micrometres);
            int shown = Math.max(0, Math.min(at == null ? 1 : at, grind.feeds().size()));
            return told(found, heights, flat.levelled(), grind, facets, shown);
        } catch (IllegalArgumentException e) {
            typed.problem("flat.feed", MeasuredState.capital(String.valueOf(e.getMessage())) + ".");
            return Advice.not(RemedyKind.REGRIND, "Plan it with deeper downfeeds.", typed.problems());
        }
    }

    private static Advice told(
            MeasuredState found, HeightsReduction heights, boolean levelled, Regrind grind, Facets facets, int shown) {
        Sweep sweep = found.assessment().corrected();
        List<Station> stations = sweep.layout().stations();
        String first = stations.get(grind.first()).name();
        String last = stations.get(grind.last()).name();
        double[] lying = levelled ? heights.levelled() : heights.heights();
        double depth =
                shown == 0 ? 0 : grind.stock() - grind.feeds().get(shown - 1).left();
        double level = lying[grind.first()] - depth;
        double[] toGo = Arrays.stream(lying).map(height -> height - level).toArray();
        String how = levelled ? "levelled to its zone" : "as it lies on the plate";
        List<String> lines = new ArrayList<>(List.of(
                "The wheel touches first at " + first + "; last to clean up is " + last + ".",
                levelled
                        ? "Levelled, the least stock there is has to go: the flatness. Shim it level before it is clamped."
                        : "It is ground parallel to the face it lies on. Levelled to its zone it would take "
                                + found.deviation(heights.zone().width())
                                + " only, but then it is not parallel to that face."));
        lines.add("Let it cool before the last feed: a warm face is a domed one.");
        return new Advice(
                RemedyKind.REGRIND,
                grind.stock() > 0,
                "Take " + found.both(grind.stock()) + " off, " + how + ", and the whole face cleans up.",
                lines,
                List.of(),
                List.of(feeds(found, grind)),
                Optional.of(PlatePictures.cleaned(
                        found.subject().name()
                                + (shown == 0 ? " before the first downfeed" : " after downfeed " + shown),
                        sweep,
                        facets,
                        toGo,
                        found.deviations())),
                OptionalDouble.of(0),
                "Ground " + how + ", stock " + found.deviation(grind.stock()),
                Map.of());
    }

    private static DetailsView.Table feeds(MeasuredState found, Regrind grind) {
        String unit = ", " + found.deviations().symbol();
        return new DetailsView.Table(
                "Downfeed by downfeed",
                List.of("downfeed", "below first touch" + unit, "still to go" + unit, "cleaned, %"),
                grind.feeds().stream()
                        .map((Feed feed) -> new DetailsView.Row(
                                Integer.toString(feed.number()),
                                List.of(
                                        found.deviations().amount(feed.depth()),
                                        found.deviations().amount(feed.left()),
                                        Long.toString(Math.round(100 * feed.cleaned())))))
                        .toList());
    }
}

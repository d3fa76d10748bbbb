package org.eskarn.app.remedy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.eskarn.app.field.Fields;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.flat.PlatePictures;
import org.eskarn.core.evaluation.HeightsReduction;
import org.eskarn.core.flat.Facets;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.remedy.PlanRefused;
import org.eskarn.core.remedy.Regrind;
import org.eskarn.core.remedy.Regrind.Feed;
import org.eskarn.core.requirement.RemedyKind;

/** Grinding a face until it is clean. */
final class RegrindAdvice {

    /** µm of a usual downfeed. */
    private static final double USUAL = 5;

    private RegrindAdvice() {}

    static Advice of(MeasuredState found, Fields fields) {
        HeightsReduction heights =
                (HeightsReduction) found.assessment().reduction().orElseThrow();
        List<Double> planned = fields.amounts("feed", Words.say("remedy.a-downfeed"));
        Integer at = fields.whole("atFeed", 0, Regrind.MOST);
        Facets facets = Facets.of(found.assessment().corrected());
        double[] lying = fields.text("lies").equals(RemedyFields.LEVELLED) ? heights.levelled() : heights.heights();
        if (!fields.problems().isEmpty()) {
            return Advice.not(
                    RemedyKind.REGRIND, Words.say("remedy.type-the-depth-of-each-downfeed"), fields.problems());
        }
        try {
            List<Double> taken =
                    found.steps().stream().map(MeasuredState.Step::movement).toList();
            Regrind grind = Regrind.of(facets, lying, taken, planned.isEmpty() ? List.of(USUAL) : planned);
            int usual = Math.max(1, taken.size());
            int shown =
                    Math.max(0, Math.min(at == null ? usual : at, grind.feeds().size()));
            return told(found, heights, fields.text("lies").equals(RemedyFields.LEVELLED), grind, facets, shown);
        } catch (PlanRefused e) {
            fields.problem("feed", Words.of(e.note()));
            return Advice.not(RemedyKind.REGRIND, Words.say("remedy.plan-it-with-deeper-downfeeds"), fields.problems());
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
        String how = levelled ? Words.say("remedy.levelled-to-its-zone") : Words.say("remedy.as-it-lies-on-the-plate");
        List<String> lines = new ArrayList<>(List.of(
                Words.say("remedy.the-wheel-touches-first-at-last-to", first, last),
                levelled
                        ? Words.say("remedy.levelled-the-least-stock-there-is-has")
                        : Words.say(
                                "remedy.it-is-ground-parallel-to-the-face",
                                found.deviation(heights.zone().width()))));
        lines.add(Words.say("remedy.let-it-cool-before-the-last-feed"));
        return new Advice(
                RemedyKind.REGRIND,
                grind.stock() > 0,
                grind.taken() == 0
                        ? Words.say("remedy.take-off-and-the-whole-face-cleans", found.both(grind.stock()), how)
                        : grind.left() > 0
                                ? Words.say(
                                        "remedy.taken-so-far-take-more",
                                        found.deviation(grind.taken()),
                                        found.both(grind.left()))
                                : Words.say("remedy.taken-and-clean", found.deviation(grind.taken())),
                lines,
                List.of(),
                List.of(feeds(found, grind)),
                Optional.of(PlatePictures.cleaned(
                        found.subject().name()
                                + (shown == 0
                                        ? Words.say("remedy.before-the-first-downfeed")
                                        : Words.say("remedy.after-downfeed", shown)),
                        sweep,
                        facets,
                        toGo,
                        found.deviations())),
                OptionalDouble.of(0),
                Words.say("remedy.ground-stock", how, found.deviation(grind.stock())) + found.taken(),
                Map.of());
    }

    private static DetailsView.Table feeds(MeasuredState found, Regrind grind) {
        String unit = ", " + found.deviations().symbol();
        return new DetailsView.Table(
                Words.say("remedy.downfeed-by-downfeed"),
                List.of(
                        Words.say("remedy.head-downfeed"),
                        Words.say("remedy.below-first-touch", unit),
                        Words.say("remedy.still-to-go", unit),
                        Words.say("remedy.cleaned")),
                grind.feeds().stream()
                        .map((Feed feed) -> new DetailsView.Row(
                                feed.number() + (feed.taken() ? Words.say("remedy.taken") : ""),
                                List.of(
                                        found.deviations().amount(feed.depth()),
                                        found.deviations().amount(feed.left()),
                                        Long.toString(Math.round(100 * feed.cleaned())))))
                        .toList());
    }
}

package org.eskarn.app.trust;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.core.evaluation.Judgement;
import org.eskarn.core.gauge.ErrorPlace;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.verdict.Verdict;

/**
 * The inspection of a gauge or fixture, as found beside as left, and where its error lives. That is read from pairs that
 * bear the names bottom, middle and top (the slide at three positions), and from pairs called seating 1, seating 2 … (the
 * same after it was taken off and seated again).
 *
 * @param lines one for each requirement
 * @param place empty where no such pairs were read
 */
public record GaugeInspection(Docket docket, List<Line> lines, Optional<ErrorPlace> place, String placeFigures) {

    private static final List<String> POSITIONS = List.of("bottom", "middle", "top");
    private static final String SEATING = "seating";

    /**
     * @param asFound the first whole verdict, in words, whatever was swept again since
     * @param asLeft the verdict that stands
     */
    public record Line(String title, String limit, String asFound, String asLeft, Standing standing) {}

    static GaugeInspection of(Docket docket) {
        List<Line> lines = docket.setUps().stream().map(GaugeInspection::line).toList();
        Optional<ErrorPlace> place = Optional.empty();
        String figures = "";
        Map<String, Double> errors = new LinkedHashMap<>();
        double telling = 0;
        for (SetUp setUp : docket.setUps()) {
            if (setUp.sweep().layout().kind() == LayoutKind.PAIRS
                    && setUp.sweep().complete()) {
                errors.putAll(differences(setUp));
                telling = Math.max(
                        telling,
                        setUp.judgement().budget().map(b -> b.expanded()).orElse(0.0));
            }
        }
        double[] positions = matching(errors, POSITIONS);
        double[] seatings = errors.entrySet().stream()
                .filter(entry -> entry.getKey().startsWith(SEATING))
                .mapToDouble(Map.Entry::getValue)
                .toArray();
        if (positions.length == POSITIONS.size()) {
            ErrorPlace found = ErrorPlace.of(positions, seatings, telling);
            Display said = SetUpDisplay.readings(docket.setUps().get(0), org.eskarn.app.page.Units.AS_DRAWN);
            place = Optional.of(found);
            figures = Words.say(
                    "trust.same-at-every-position-changing-with-it",
                    said.signed(found.face()),
                    said.amount(found.slide()),
                    seatings.length > 1 ? said.amount(found.seat()) : Words.say("trust.not-tried"),
                    said.symbol(),
                    said.amount(telling));
        }
        return new GaugeInspection(docket, lines, place, figures);
    }

    private static double[] matching(Map<String, Double> errors, List<String> names) {
        return names.stream()
                .filter(errors::containsKey)
                .mapToDouble(name -> errors.getOrDefault(name, 0.0))
                .toArray();
    }

    private static Map<String, Double> differences(SetUp setUp) {
        Map<String, Double> errors = new LinkedHashMap<>();
        List<Reading> readings = new ArrayList<>(setUp.assessment().corrected().readings());
        for (int i = 0; i + 1 < readings.size(); i += 2) {
            String name = readings.get(i).station().name();
            errors.put(
                    name.substring(0, name.lastIndexOf(", ")).toLowerCase(java.util.Locale.ROOT),
                    readings.get(i + 1).micrometres() - readings.get(i).micrometres());
        }
        return errors;
    }

    private static Line line(SetUp setUp) {
        return new Line(
                setUp.requirement().title(),
                Words.of(setUp.requirement().terms().limit().words()),
                setUp.blind() ? "–" : figure(setUp, setUp.asFound().map(Judgement::verdict)),
                figure(setUp, Optional.of(setUp.verdict())),
                Standing.of(setUp));
    }

    private static String figure(SetUp setUp, Optional<Verdict> verdict) {
        Display said = SetUpDisplay.figures(setUp);
        return verdict.map(each -> {
                    Double value = each.value();
                    return value == null
                            ? "–"
                            : said.amount(value) + " " + said.symbol() + ", "
                                    + Words.of(each.outcome().word());
                })
                .orElse("–");
    }

    /** The sentences on where the error lives. */
    public List<String> sentences() {
        return place.map(found -> found.places().isEmpty()
                        ? List.of(Words.say("trust.no-error-that-can-be-told-from"))
                        : found.places().stream()
                                .map(ErrorPlace.Place::sentence)
                                .map(Words::of)
                                .toList())
                .orElse(Arrays.asList());
    }
}

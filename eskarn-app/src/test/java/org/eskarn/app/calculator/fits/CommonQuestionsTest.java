package org.eskarn.app.calculator.fits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.eskarn.app.calculator.Sheets.answer;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.page.DetailsView;
import org.eskarn.core.verdict.Outcome;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The same question asked in two calculators has one answer. */
class CommonQuestionsTest {

    private static String figure(Answer answer, String begins) {
        return answer.figures().stream()
                .filter(line -> line.name().toLowerCase(java.util.Locale.ROOT).contains(begins))
                .map(DetailsView.Line::figure)
                .findFirst()
                .orElseThrow(() -> new AssertionError(begins + " is not among " + answer.figures()))
                .replace("+", "");
    }

    /** A hole and a shaft under Fits, under Pair, and as a batch of one: the same clearance and the same verdict. */
    @ParameterizedTest
    @CsvSource({
        "32 H7/g6, 32.010, 31.985, 0",
        "32 H7/g6, 32.010, 31.985, 2",
        "32 H7/g6, 32.025, 31.975, 0",
        "32 H7/g6, 32.026, 31.975, 0",
        "32 H7/g6, 32.000, 31.991, 0",
        "32 H7/g6, 32.000, 31.992, 0",
        "32 H7/g6, 32.000, 31.991, 1",
        "50 H7/k6, 50.012, 50.010, 1",
        "50 H7/p6, 50.010, 50.040, 2"
    })
    void aPairIsJudgedAlikeWhereverItIsTyped(String fit, String hole, String shaft, int u) {
        Answer fits = answer("fits", "fit=" + fit + "&holes=" + hole + "&shafts=" + shaft + "&u=" + u);
        Answer pair = answer("pair", "fit=" + fit + "&hole=" + hole + "&shaft=" + shaft + "&u=" + u);
        assertThat(pair.outcome()).isEqualTo(fits.outcome());
        assertThat(figure(pair, "tightest")).isEqualTo(figure(fits, "tightest"));
        assertThat(figure(pair, "loosest")).isEqualTo(figure(fits, "loosest"));
        Answer batch = answer("batch", "fit=" + fit + "&shafts=S " + shaft + "&bores=B " + hole + "&u=" + u);
        assertThat(batch.headline().startsWith("1 of 1"))
                .as(batch.headline())
                .isEqualTo(pair.outcome().equals(Optional.of(Outcome.PASS)));
    }

    /** The usual class of a bearing's seat has the limits that Fits gives it. */
    @ParameterizedTest
    @CsvSource({
        "INNER, 45, TURNING, NORMAL",
        "INNER, 17, TURNING, LIGHT",
        "INNER, 120, TURNING, HEAVY",
        "OUTER, 85, STANDING, NORMAL",
        "OUTER, 62, TURNING, NORMAL",
        "INNER, 30, STANDING, NORMAL"
    })
    void aSeatHasTheLimitsOfItsClass(String ring, String size, String turning, String load) {
        Answer seat = answer("bearings", "ring=" + ring + "&size=" + size + "&turning=" + turning + "&load=" + load);
        DetailsView.Row usual = seat.limits().get(0).rows().get(1);
        String tolerance = usual.name().substring(usual.name().lastIndexOf(' ') + 1);
        Answer fits = answer("fits", "fit=" + size + " " + tolerance);
        List<String> limits = fits.limits().get(0).rows().get(0).cells();
        assertThat(limits.subList(0, 4)).isEqualTo(usual.cells());
    }

    /** What is chosen for a use has the clearance that Fits gives it. */
    @ParameterizedTest
    @CsvSource({"RUNNING, 50, 450", "SLIDING, 32, ''", "LOCATING, 80, ''", "PRESSED, 120, ''"})
    void aChoiceHasTheClearanceOfItsFit(String use, String size, String turns) {
        Answer chosen = answer("choosing", "use=" + use + "&load=NORMAL&size=" + size + "&turns=" + turns);
        assertThat(chosen.choices()).isNotEmpty();
        for (Answer.Choice choice : chosen.choices()) {
            Answer fits = answer("fits", "fit=" + size + " " + choice.code());
            List<String> clearance = fits.limits().get(0).rows().get(2).cells();
            assertThat(choice.range()).contains(clearance.get(0)).contains(clearance.get(1));
        }
    }

    /** At 20 °C nothing grows: in service as on the bench, and a size read is the size. */
    @ParameterizedTest
    @CsvSource({"STEEL, BRONZE", "ALUMINIUM, STEEL", "GRANITE, CARBIDE"})
    void at20DegreesNothingChanges(String one, String other) {
        Answer service =
                answer("in-service", "size=50&least=-10&most=25&holeAt=20&shaftAt=20&hole=" + one + "&shaft=" + other);
        assertThat(figure(service, "change")).isEqualTo("0.0");
        assertThat(service.warnings()).isEmpty();
        Answer size = answer("at-20", "reading=85.018&partAt=20&gaugeAt=20&room=20&part=" + one + "&gauge=" + other);
        assertThat(size.headline()).contains("85.0180");
        assertThat(figure(size, "to add")).isEqualTo("0.0");
    }

    /** What is heated so far that it goes together has, in service at that temperature, the working clearance. */
    @ParameterizedTest
    @CsvSource({"90, 93, 60, STEEL", "50, 40, 50, BRONZE", "120, 80, 100, ALUMINIUM"})
    void heatMakesTheRoomThatServiceShows(String size, int interference, int working, String outer) {
        Answer heat = answer(
                "heating",
                "size=" + size + "&interference=" + interference + "&working=" + working + "&room=20&outer=" + outer
                        + "&inner=STEEL&ceiling=400");
        String degrees = heat.headline().replaceAll("\\D+", "");
        Answer service = answer(
                "in-service",
                "size=" + size + "&least=-" + interference + "&hole=" + outer + "&holeAt=" + degrees
                        + "&shaft=STEEL&shaftAt=20");
        double clearance = Double.parseDouble(service.headline()
                .replaceAll("[^\\d.+−-]+", " ")
                .strip()
                .split(" ")[0]
                .replace('−', '-'));
        assertThat(clearance).isBetween(working - 0.06, working + 3.5);
    }
}

package org.eskarn.app.calculator.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.eskarn.app.calculator.Sheets.answer;

import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.docket.Step;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.remedy.Advice;
import org.eskarn.app.remedy.Correction;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.app.running.Written;
import org.eskarn.core.evaluation.Reduction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The same readings have the same answer wherever they are typed: in a docket, and in each calculator that asks for them. */
@ExtendWith(RunningEskarn.class)
class SameAnswerTest {

    private static final String MARA = "m.quill";

    private static String headline(Answer answer) {
        return answer.headline().replaceAll("[^\\d.−]+", " ").strip().split(" ")[0];
    }

    /** @param readings µm, as the keypad takes them and as the calculator does */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "runout | characteristic=CIRCULAR_RUNOUT_RADIAL; layout.kind=RING; layout.first=8 | RING | 8 | | 0 3 6 8 7 4 1 -1 0",
                "total-runout | characteristic=TOTAL_RUNOUT; layout.kind=RINGS; layout.first=5 20; layout.second=6"
                        + " | RINGS | 5 20 | 6 | 0 3 6 8 7 4 2 5 8 9 6 3 0",
                "roundness | characteristic=ROUNDNESS; layout.kind=RING; layout.first=12 | RING | 12 | | 0 2 4 2 0 1 3 2 0 1 3 2 0",
                "heights | characteristic=FLATNESS; layout.kind=GRID; layout.first=10 20 30; layout.second=10 20"
                        + " | GRID | 10 20 30 | 10 20 | 0 4 7 2 5 9 0",
                "straightness | characteristic=STRAIGHTNESS; layout.kind=LINE; layout.first=0 10 20 30 | LINE | 0 10 20 30 | | 0 4 6 3 0",
                "parallel | characteristic=PARALLELISM_OF_FACES; layout.kind=GRID; layout.first=10 20 30; layout.second=10 20"
                        + " | GRID | 10 20 30 | 10 20 | 0 6 12 1 8 13 0"
            })
    void aDocketAndItsCalculatorAgree(
            String path, String fields, String layout, String first, String second, String readings, Eskarn eskarn)
            throws Exception {
        Work work = Written.open(eskarn, fields + "; limit.kind=MAXIMUM; limit.upper=0.05");
        Written.read(work.prepare(MARA).zero(MARA), readings).confirm(MARA, Step.PROVE);
        Reduction docket = work.setUp().assessment().reduction().orElseThrow();
        Answer here = answer(
                path,
                "layout=" + layout + "&first=" + first + "&second=" + (second == null ? "" : second) + "&readings="
                        + readings + "&readingUnit=MICROMETRE&graduation=1&upper=0.05");
        assertThat(Double.parseDouble(headline(here))).isCloseTo(docket.judged(), within(0.051));
        assertThat(here.outcome().isPresent()).isTrue();
    }

    /** A face typed station by station, and pasted as a sheet whose first line is its back row. */
    @Test
    void heightsTypedAndPastedHaveOneFlatness() {
        Answer typed = answer(
                "heights",
                "layout=GRID&first=10 50 90&second=10 50&readings=1 4 8 0 2 5 1&readingUnit=MICROMETRE&graduation=1");
        Answer pasted = answer("grid", "heights=0 2 5\n1 4 8&stepX=40&stepY=40&readIn=MICROMETRE");
        assertThat(headline(pasted)).isEqualTo(headline(typed));
        assertThat(figure(pasted, "parallelism")).isEqualTo(figure(typed, "parallelism"));
        assertThat(figure(pasted, "tilt")).isEqualTo(figure(typed, "tilt"));
    }

    /** A link turned over its eyes: its own bend is what Reversal calls the part's share. */
    @Test
    void aLinkTurnedOverAndReversalShareAlike() {
        Answer link = answer(
                "link",
                "layout=PAIRS&first=bend&reversal=PART_TURNED&span=100&per=100&readings=0 8 0 -2&readingUnit=MICROMETRE&graduation=1");
        Answer shared = answer("reversal", "how=PART_TURNED&first=0 8&second=0 -2");
        String part = shared.tables().get(0).rows().get(1).cells().get(2).replace("+", "");
        assertThat(headline(link)).isEqualTo(part);
    }

    /** The first blow is half of what moves, in the log as in the correction that leads to it. */
    @Test
    void theLogOfTruingGoesOnFromTheCorrection() {
        String readings = "0 8 20 32 40 32 20 8 0";
        Measured measured = Measured.of(MeasuredTest.typed("what=CIRCULAR_RUNOUT_RADIAL&layout=RING&first=8&upper=0.02"
                        + "&readingUnit=MICROMETRE&graduation=1&readings=" + readings)
                .filled());
        Advice advice = Correction.of(measured.found().orElseThrow(), Map.of("kind", "TRUING"))
                .advice();
        Answer log = answer("truing", "movements=40&limit=20&graduation=1&unit=MICROMETRE");
        assertThat(advice.headline()).isEqualTo(log.headline());
        assertThat(advice.lines().toString()).contains(figure(log, "remaining") + " µm");
    }

    private static String figure(Answer answer, String named) {
        return answer.figures().stream()
                .filter(line -> line.name().toLowerCase(java.util.Locale.ROOT).contains(named))
                .map(DetailsView.Line::figure)
                .findFirst()
                .orElseThrow(() -> new AssertionError(named + " is not among "
                        + Arrays.toString(answer.figures().toArray())
                        + answer.figures().stream().map(DetailsView.Line::name).collect(Collectors.joining(", "))));
    }
}

package org.eskarn.app.docket.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.Purpose;
import org.eskarn.app.docket.opening.OpeningService.OpeningForm;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.PartChangeService;
import org.eskarn.app.part.PartChangeService.PartForm;
import org.eskarn.app.part.PartService;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(RunningEskarn.class)
class OpeningServiceTest {

    private OpeningService opening;
    private DocketService dockets;
    private long part;
    private long by;

    @BeforeEach
    void beans(Eskarn eskarn) {
        opening = eskarn.bean(OpeningService.class);
        dockets = eskarn.bean(DocketService.class);
        part = eskarn.bean(PartService.class)
                .byNumber("TG-160", "A")
                .orElseThrow()
                .id();
        by = eskarn.account("m.quill").id();
    }

    private static OpeningForm form(String serials, Purpose purpose) {
        return form(serials, purpose, "", true);
    }

    private static OpeningForm form(String serials, Purpose purpose, String key, boolean another) {
        return new OpeningForm(serials, purpose, Eskarn.later().toString(), "tests", null, key, another);
    }

    @Test
    void theSameFormSentManyTimesAtOnceOpensOneSetOfDockets() throws Exception {
        OpeningForm form = form("K-1; K-2", Purpose.FINAL, "form-of-this-test", false);
        ExecutorService hands = Executors.newFixedThreadPool(5);
        try {
            List<Callable<List<Integer>>> clicks = Collections.nCopies(5, () -> opening.open(part, form, by));
            Set<List<Integer>> opened = new HashSet<>();
            for (Future<List<Integer>> answer : hands.invokeAll(clicks)) {
                opened.add(answer.get());
            }
            assertThat(opened).hasSize(1);
            assertThat(opened.iterator().next()).hasSize(2);
        } finally {
            hands.shutdown();
        }
    }

    @Test
    void aPieceThatHasAnOpenDocketIsSaidAndOpenedAgainOnlyWhenAsked() throws FormRefused {
        int first = opening.open(part, form("AGAIN-1", Purpose.FINAL, "a1", false), by)
                .get(0);
        assertThatThrownBy(() -> opening.open(part, form("AGAIN-1; AGAIN-2", Purpose.FINAL, "a2", false), by))
                .isInstanceOfSatisfying(
                        FormRefused.class,
                        refused -> assertThat(refused.problems())
                                .containsEntry(
                                        "another", "Already in an open docket: AGAIN-1 (docket " + first + ")."));
        assertThat(opening.open(part, form("AGAIN-1; AGAIN-2", Purpose.FINAL, "a2", true), by))
                .hasSize(2);
    }

    @ParameterizedTest
    @CsvSource({
        "A-1, A-1",
        "'A-1; B 2', 'A-1 B 2'",
        "VB-098..101, 'VB-098 VB-099 VB-100 VB-101'",
        "VB-8..VB-10, 'VB-8 VB-9 VB-10'"
    })
    void aDocketIsOpenedForEachSerial(String typed, String serials) throws FormRefused {
        List<Integer> numbers = opening.open(part, form(typed, Purpose.FINAL), by);
        List<Docket> opened = numbers.stream()
                .map(number -> dockets.find(number).orElseThrow())
                .toList();
        assertThat(String.join(" ", opened.stream().map(d -> d.serial()).toList()))
                .isEqualTo(serials);
        assertThat(opened).allSatisfy(docket -> {
            assertThat(docket.pieces()).isEqualTo(numbers.size());
            assertThat(docket.setUps()).hasSize(2).allSatisfy(setUp -> {
                assertThat(setUp.attempts()).hasSize(1);
                assertThat(setUp.sweeps()).hasSize(1);
            });
        });
    }

    @ParameterizedTest
    @CsvSource({
        "'', Enter the serials",
        "VB-9..VB-1, is not a range",
        "VB-1..VB-999, is not a range",
        "'X; X', Duplicate serial",
        "123456789012345678901234567890123456789012345, longer than 40"
    })
    void badSerialsOpenNothing(String typed, String says) {
        int before = dockets.inHand(0, 1).total();
        assertThatThrownBy(() -> opening.open(part, form(typed, Purpose.FINAL), by))
                .hasMessageContaining(says);
        assertThat(dockets.inHand(0, 1).total()).isEqualTo(before);
    }

    @Test
    void otherFieldsAreAskedForToo(Eskarn eskarn) throws Exception {
        assertThatThrownBy(() -> opening.open(part, new OpeningForm("S-1", null, "soon", " ", null, "", true), by))
                .isInstanceOfSatisfying(
                        FormRefused.class,
                        refused -> assertThat(refused.problems()).containsOnlyKeys("purpose", "due", "askedBy"));
        assertThatThrownBy(() -> opening.open(part, form("S-1", Purpose.GAUGE_CHECK), by))
                .hasMessageContaining("A gauge check covers one gauge: choose it and enter its serial only");
        long empty = eskarn.bean(PartChangeService.class).create(new PartForm("TG-778", "A", "Nothing asked", "", ""));
        assertThatThrownBy(() -> opening.open(empty, form("S-1", Purpose.FINAL), by))
                .hasMessageContaining("no requirements yet");
    }

    @Test
    void thePurposeChoosesTheLimitThatCounts() throws FormRefused {
        Docket fresh = dockets.find(
                        opening.open(part, form("N-1", Purpose.FINAL), by).get(0))
                .orElseThrow();
        Docket used = dockets.find(
                        opening.open(part, form("N-2", Purpose.IN_SERVICE), by).get(0))
                .orElseThrow();
        assertThat(Words.of(
                        fresh.at(1).orElseThrow().requirement().terms().limit().words()))
                .isEqualTo("≤ 0.08 mm");
        assertThat(Words.of(
                        used.at(1).orElseThrow().requirement().terms().limit().words()))
                .isEqualTo("≤ 0.20 mm");
        assertThat(used.purpose())
                .as("what is recorded is not a word of the screen")
                .isEqualTo("in service");
    }

    @Test
    void theBenchGetsAPageOfDocketsByDueDateAndAllThatWait() {
        int total = dockets.inHand(0, 1).total();
        List<Docket> first =
                dockets.inHand(0, 3).dockets().stream().filter(d -> !waits(d)).toList();
        List<Docket> second =
                dockets.inHand(3, 3).dockets().stream().filter(d -> !waits(d)).toList();
        assertThat(first).hasSize(3);
        assertThat(second).hasSize(3).doesNotContainAnyElementsOf(first);
        assertThat(first.get(2).due()).isBeforeOrEqualTo(second.get(0).due());
        assertThat(dockets.inHand(0, total).dockets()).hasSize(total);
    }

    private static boolean waits(Docket docket) {
        return docket.setUps().stream().anyMatch(setUp -> setUp.waitsFor().isPresent());
    }
}

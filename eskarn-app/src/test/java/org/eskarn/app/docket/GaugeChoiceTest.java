package org.eskarn.app.docket;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.eskarn.app.docket.GaugeChoice.Offer;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.app.part.PartService;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.app.running.Written;
import org.eskarn.core.requirement.Characteristic;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@ExtendWith(RunningEskarn.class)
class GaugeChoiceTest {

    private static List<Offer> offers(Eskarn eskarn, String drawing, String revision, int position) {
        PartService parts = eskarn.bean(PartService.class);
        PartRequirement requirement = parts.requirements(
                        parts.byNumber(drawing, revision).orElseThrow().id())
                .get(position - 1);
        return GaugeChoice.offers(
                requirement, 1, eskarn.bean(GaugeService.class).all(), Eskarn.today());
    }

    @ParameterizedTest
    @CsvSource({
        "TG-110, C, 1, LI-4, PI-3, its graduation is coarser than required",
        "TG-112, A, 4, LI-2, LI-4, its graduation is coarser than required",
        "TG-112, A, 1, MO-2, MO-6, it does not reach the size",
        "TG-204, B, 1, LI-7, PI-9, its graduation is coarser than required",
        "TG-126, A, 2, MO-6, MO-2, it does not reach the size"
    })
    void theFirstOfferIsFitAndOthersSayWhyNot(
            String drawing, String revision, int position, String first, String refused, String why, Eskarn eskarn) {
        List<Offer> offers = offers(eskarn, drawing, revision, position);
        assertThat(offers.get(0).gauge().mark()).isEqualTo(first);
        assertThat(offers.get(0).free()).isTrue();
        assertThat(offers)
                .filteredOn(offer -> offer.gauge().mark().equals(refused))
                .singleElement()
                .satisfies(offer -> assertThat(offer.refusal()).isEqualTo(why));
    }

    @ParameterizedTest
    @CsvSource({"PI-9, true", "PI-3, false", "LI-4, false"})
    void whatIsOverdueIsTakenOnlyWithAReason(String mark, boolean override, Eskarn eskarn) {
        assertThat(offers(eskarn, "TG-160", "A", 1))
                .filteredOn(offer -> offer.gauge().mark().equals(mark))
                .singleElement()
                .satisfies(offer -> assertThat(offer.override()).isEqualTo(override));
    }

    /** Requirements of before may ask for a size and name no master: a comparator would tell of the zero only. */
    @Test
    void aComparatorWithoutAMasterReadsNoSize(Eskarn eskarn) {
        PartService parts = eskarn.bean(PartService.class);
        PartRequirement sized = parts
                .requirements(parts.byNumber("TG-112", "A").orElseThrow().id())
                .stream()
                .filter(each -> each.terms().characteristic() == Characteristic.OUTSIDE_SIZE)
                .findFirst()
                .orElseThrow();
        Gauge dial = eskarn.bean(GaugeService.class).all().stream()
                .filter(gauge -> gauge.mark().equals("LI-4"))
                .findFirst()
                .orElseThrow();
        assertThat(GaugeChoice.offer(sized, dial, Eskarn.today()).refusal())
                .isEqualTo("it is a comparator and the requirement names no master");
    }

    /**
     * Heights are told alike by a height gauge and by an indicator from its zero; a depth gauge shows a deeper place as more, and
     * would turn the limits round.
     */
    @ParameterizedTest
    @CsvSource({"INDICATOR, LI-7, HG-1, DG-1", "HEIGHT_GAUGE, HG-1, LI-7, DG-1", "DEPTH_GAUGE, DG-1, HG-1, LI-7"})
    void whatCountsTheOtherWayIsNotOfferedBesideIt(
            GaugeKind asked, String first, String second, String third, Eskarn eskarn) throws Exception {
        Work work = Written.open(
                eskarn,
                "characteristic=HEIGHT_DIFFERENCE; layout.kind=POINTS; layout.first=a; b; c; limit.upper=0.5; gauge.kind="
                        + asked);
        List<String> offered =
                GaugeChoice.offers(
                                work.setUp().requirement(),
                                1,
                                eskarn.bean(GaugeService.class).all(),
                                Eskarn.today())
                        .stream()
                        .map(offer -> offer.gauge().mark())
                        .toList();
        assertThat(offered).contains(first).doesNotContain(third);
        assertThat(offered.contains(second)).isEqualTo(asked != GaugeKind.DEPTH_GAUGE);
    }
}

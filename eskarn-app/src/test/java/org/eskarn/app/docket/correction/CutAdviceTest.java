package org.eskarn.app.docket.correction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.Step;
import org.eskarn.app.page.Units;
import org.eskarn.app.remedy.Advice;
import org.eskarn.app.remedy.Correction;
import org.eskarn.app.remedy.MeasuredState;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.Query;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.app.running.Written;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningEskarn.class)
class CutAdviceTest {

    private static final String MARA = "m.quill";
    private static final String SEAT =
            "characteristic=OUTSIDE_SIZE; gauge.kind=MICROMETER; layout.kind=RINGS; layout.first=5 15;"
                    + " layout.second=0 90; limit.kind=BETWEEN; limit.lower=29.990; limit.upper=30.010";

    private static MeasuredState found(Work work) {
        return work.bean(RemedyService.class).found(work.docket().part(), work.setUp(), work.id(MARA));
    }

    private static Map<String, String> form(String query) {
        return Query.fields("kind=CUT&passes=2&sizeUnit=MILLIMETRE" + query);
    }

    private static Work read(Eskarn eskarn, String sizes) throws Exception {
        Work work = Written.open(eskarn, SEAT);
        return Written.read(work.prepare(MARA).zero(MARA), sizes).confirm(MARA, Step.PROVE);
    }

    @Test
    void itPlansFromThePlaceWithMostMetalAndNeverFromAnOldReading(Eskarn eskarn) throws Exception {
        Work work = read(eskarn, "30020 30022 30030 30024");
        Correction before = Correction.of(found(work), form(""));
        assertThat(before.fields().shown("measured")).isEqualTo("30.0300");
        assertThat(before.advice().headline()).contains("0.0300 mm").contains("in 2 passes");

        work.confirm(MARA, Step.VERDICT).begin(MARA, AttemptKind.CORRECTED, "turned");
        Written.read(work.zero(MARA), "30002 30001 30003 30000").confirm(MARA, Step.PROVE);
        // The page still holds what stood in the fields before the cut.
        Map<String, String> kept = new HashMap<>(before.kept());
        kept.put("kind", "CUT");
        for (String typedOver : List.of(kept.getOrDefault("measured", ""), "30.025")) {
            kept.put("measured", typedOver);
            assertThat(Correction.of(found(work), kept).fields().shown("measured"))
                    .isEqualTo("30.0030");
        }
        assertThat(Correction.of(found(work), kept).advice().headline())
                .contains("Already within its limits: no cut needed");
    }

    @Test
    void aTargetBeyondTheLimitsIsRefused(Eskarn eskarn) throws Exception {
        Work work = read(eskarn, "30020 30022 30030 30024");
        Advice advice = Correction.of(found(work), form("&target=29.985")).advice();
        assertThat(advice.ready()).isFalse();
        assertThat(advice.problems()).containsOnlyKeys("target");
        assertThat(advice.problems().get("target")).contains("The target size is outside the limits");
    }

    /** One place is under size already: the correction says so as the verdict does. */
    @Test
    void aPlaceThatIsSpentIsNotCutFurther(Eskarn eskarn) throws Exception {
        Work work = read(eskarn, "30020 29980 30030 30024");
        Advice advice = Correction.of(found(work), form("")).advice();
        assertThat(advice.ready()).isFalse();
        assertThat(advice.headline()).contains("One station is 29.9800 mm, already smaller than the limit");
    }

    /** Millimetres typed before somebody switched to inches stay millimetres: the same plan, said in inches. */
    @Test
    void sizesTypedInAnotherUnitThanIsShownStayWhatTheyWere(Eskarn eskarn) throws Exception {
        Work work = read(eskarn, "31020 31022 31030 31024");
        AccountService accounts = work.bean(AccountService.class);
        long other = work.id("t.ashdale");
        accounts.setUnits(other, Units.INCH);
        try {
            Map<String, String> typed = form("&measured=31.030&target=30.005&last=0.05&slide=0.005");
            Advice metric = Correction.of(found(work), typed).advice();
            Correction inch = Correction.of(
                    work.bean(RemedyService.class).found(work.docket().part(), work.setUp(), other), typed);
            assertThat(inch.fields().shown("measured")).isEqualTo("31.030 mm");
            assertThat(inch.hidden()).containsEntry("sizeUnit", "INCH");
            assertThat(metric.predicted()).isPresent();
            assertThat(inch.advice().predicted().orElseThrow())
                    .isCloseTo(metric.predicted().orElseThrow(), within(1e-6));
            // What is kept as the correction is written for a reader: no decimals that no gauge shows.
            assertThat(inch.advice().words()).startsWith("Cut to 1.181299 in in ");
            assertThat(inch.advice().tables().get(0).columns().toString()).contains(", in");
        } finally {
            accounts.setUnits(other, Units.AS_DRAWN);
        }
    }
}

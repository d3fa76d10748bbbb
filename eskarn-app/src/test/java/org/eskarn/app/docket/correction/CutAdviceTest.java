package org.eskarn.app.docket.correction;

import static org.assertj.core.api.Assertions.assertThat;

import org.eskarn.app.docket.AttemptKind;
import org.eskarn.app.docket.Step;
import org.eskarn.app.remedy.Advice;
import org.eskarn.app.remedy.CutAdvice;
import org.eskarn.app.remedy.MeasuredState;
import org.eskarn.app.remedy.RemedyAdvice;
import org.eskarn.app.remedy.RemedyForm;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.app.running.Written;
import org.eskarn.core.requirement.RemedyKind;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
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

    private static RemedyForm form(@Nullable String measured, @Nullable String read, @Nullable String target) {
        return new RemedyForm(
                RemedyKind.CUT,
                null,
                null,
                null,
                measured,
                read,
                target,
                "2",
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                LengthUnit.MILLIMETRE,
                null);
    }

    private static Work read(Eskarn eskarn, String sizes) throws Exception {
        Work work = Written.open(eskarn, SEAT);
        return Written.read(work.prepare(MARA).zero(MARA), sizes).confirm(MARA, Step.PROVE);
    }

    @Test
    void itPlansFromThePlaceWithMostMetalAndNeverFromAnOldReading(Eskarn eskarn) throws Exception {
        Work work = read(eskarn, "30020 30022 30030 30024");
        RemedyForm filled = CutAdvice.filled(found(work), form(null, null, null));
        assertThat(filled.measured()).isEqualTo("30.0300");
        Advice planned = RemedyAdvice.of(found(work), filled);
        assertThat(planned.headline()).contains("0.0300 mm").contains("in 2 passes");

        work.confirm(MARA, Step.VERDICT).begin(MARA, AttemptKind.CORRECTED, "turned");
        Written.read(work.zero(MARA), "30002 30001 30003 30000").confirm(MARA, Step.PROVE);
        // The page still holds what stood in the fields before the cut.
        assertThat(CutAdvice.filled(found(work), filled).measured()).isEqualTo("30.0030");
        assertThat(RemedyAdvice.of(found(work), filled).headline())
                .contains("Already within its limits: no cut needed");
    }

    @Test
    void aTargetBeyondTheLimitsIsRefused(Eskarn eskarn) throws Exception {
        Work work = read(eskarn, "30020 30022 30030 30024");
        Advice advice = RemedyAdvice.of(found(work), form(null, null, "29.985"));
        assertThat(advice.ready()).isFalse();
        assertThat(advice.problems()).containsOnlyKeys("target");
        assertThat(advice.problems().get("target")).contains("The target size is outside the limits");
    }

    /** One place is under size already: the correction says so as the verdict does. */
    @Test
    void aPlaceThatIsSpentIsNotCutFurther(Eskarn eskarn) throws Exception {
        Work work = read(eskarn, "30020 29980 30030 30024");
        Advice advice = RemedyAdvice.of(found(work), form(null, null, null));
        assertThat(advice.ready()).isFalse();
        assertThat(advice.headline()).contains("One station is 29.9800 mm, already smaller than the limit");
    }
}

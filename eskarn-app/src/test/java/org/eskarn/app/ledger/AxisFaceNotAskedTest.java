package org.eskarn.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import javax.sql.DataSource;
import org.eskarn.app.part.Part;
import org.eskarn.app.part.PartChangeService;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.eskarn.app.running.Written;
import org.eskarn.core.requirement.AxisFace;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * Requirements from before it was asked how a face lies to the rings of its axis are judged as they were, and what was signed of them holds the
 * same record as the rows.
 */
@ExtendWith(RunningEskarn.class)
class AxisFaceNotAskedTest {

    @ParameterizedTest
    @CsvSource({"OUTSIDE, SHAFT_AWAY", "INSIDE, SHAFT_TOWARDS"})
    void itIsTakenAsItWasAndNothingOfItIsSigned(String side, AxisFace taken, Eskarn eskarn) throws Exception {
        Work written = Written.open(
                eskarn,
                "characteristic=SQUARENESS; limit.upper=0.015; layout.kind=RINGS; layout.first=5 30 40; layout.second=8; layout.radius=80;"
                        + " layout.datumRead=LEAST_SQUARES");
        JdbcClient rows = JdbcClient.create(eskarn.bean(DataSource.class));
        rows.sql("update requirement set axis_face = null where id = ?")
                .param(written.setUp().requirement().id())
                .update();
        rows.sql("update feature set side = ? where id = ?")
                .params(side, written.setUp().requirement().feature().id())
                .update();
        // Dockets stand on what was written when they were opened; another revision takes it as it is now.
        Part part = written.docket().part();
        eskarn.bean(PartChangeService.class).revise(part.id(), "B");
        Work work = Work.open(eskarn.context(), part.drawingNumber(), "B", 1, "m.quill");
        assertThat(work.setUp().requirement().terms().basis().axisFace()).isEqualTo(taken);
        work.sign("m.quill", "not read");
        DocumentRow row =
                eskarn.bean(LedgerMapper.class).ofDocket(work.number()).orElseThrow();
        assertThat(new String(row.canonical(), StandardCharsets.UTF_8))
                .contains("datumRead")
                .doesNotContain("axisFace");
        assertThat(eskarn.bean(DocumentChecks.class).examine(row)).isEmpty();
        // Its check in the background is over before the row is touched, and the row is put back: the other tests share
        // this server.
        eskarn.bean(CheckRun.class).settle();
        axisFace(rows, work, taken.name());
        assertThat(eskarn.bean(DocumentChecks.class).examine(row))
                .as("answered after signing")
                .isPresent();
        axisFace(rows, work, null);
        assertThat(eskarn.bean(DocumentChecks.class).examine(row)).isEmpty();
    }

    private static void axisFace(JdbcClient rows, Work work, @Nullable String face) {
        rows.sql("update requirement set axis_face = :face where id = :id")
                .param("face", face)
                .param("id", work.setUp().requirement().id())
                .update();
    }
}

package org.eskarn.app.docket.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.PartChangeService;
import org.eskarn.app.part.PartChangeService.PartForm;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.app.part.PartService;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.core.units.LengthUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Dockets without a drawing, on a real database. */
@ExtendWith(RunningEskarn.class)
class QuickCheckTest {

    private static final LengthUnit MM = LengthUnit.MILLIMETRE;

    private QuickCheckService quick;
    private DocketService dockets;
    private PartService parts;
    private JdbcClient database;
    private long by;

    @BeforeEach
    void beans(Eskarn eskarn) {
        quick = eskarn.bean(QuickCheckService.class);
        dockets = eskarn.bean(DocketService.class);
        parts = eskarn.bean(PartService.class);
        database = JdbcClient.create(eskarn.bean(javax.sql.DataSource.class));
        by = eskarn.account("m.quill").id();
    }

    private int open(String line, String piece, String key) throws FormRefused {
        return quick.open(line, piece, MM, key, "Mara Quill", by);
    }

    private int rows(String table) {
        return database.sql("select count(*) from " + table)
                .query(Integer.class)
                .single();
    }

    @Test
    void aLineIsADocketLikeAnyOther() throws FormRefused {
        int listed = parts.all().size();
        Docket docket = dockets.find(open("bore 40 H7 3x2 30 of gear", "", "")).orElseThrow();
        assertThat(docket.serial()).isEqualTo("not named");
        assertThat(docket.part().number()).isEqualTo("QC-" + docket.number() + " rev 1");
        PartRequirement asked = docket.at(1).orElseThrow().requirement();
        assertThat(Words.of(asked.limit().words())).isEqualTo("⌀40 H7 (+0.025 / 0.000 mm)");
        assertThat(asked.feature().name()).isEqualTo("gear");
        // Whoever reads the sheet knows that no drawing asked for it.
        assertThat(asked.limitTerms().limitSource()).isEqualTo("said at the bench, no drawing");
        assertThat(asked.feature().side().inside()).isTrue();
        assertThat(asked.terms().layout().size()).isEqualTo(6);
        // What can hurt is said, though nobody is told how to prepare.
        assertThat(asked.preparations()).isNotEmpty().allMatch(line -> line.caution());
        assertThat(parts.all()).hasSize(listed);
    }

    /** What a line opens can be read with what the works has. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "runout 0.02 8",
                "face runout 0.02 8 @30",
                "total runout 0.03 3x8 120",
                "round 0.01 12",
                "bore 32 H7 3x2",
                "bore 32 H7 3x2 30",
                "bore 32.00-32.03 2",
                "shaft 25 ±0.02",
                "shaft 25 k6 3x2 40",
                "oval 0.02 3x2 40",
                "taper 0.02 3x2 40",
                "flat 0.03 4x3 300 200",
                "flat 0.03 corners 300 200",
                "parallel 0.05 corners",
                "parallel 0.05 4x3 300 200",
                "straight 0.02 5 400",
                "square 0.02/100 5 150",
                "depth 12.5 ±0.05 4",
                "play 0.02 to 0.06 5",
                "fit 32 H7/g6 2",
                "record 8"
            })
    void everyLineOfTheTradeFindsItsGauge(String line) throws FormRefused {
        SetUp setUp = dockets.find(open(line, "", "")).orElseThrow().at(1).orElseThrow();
        assertThat(setUp.sweep().gauges()).as(line).isNotEmpty().noneMatch(Gauge::missing);
    }

    @Test
    void whatCannotBeReadLeavesNothingBehind() {
        int before = rows("part") + rows("docket") + rows("feature");
        for (String line :
                List.of("", "runout 8", "bore 40", "wobble 0.02 8", "runout 0.02 8 ".repeat(40), "flat 0.03 corners")) {
            assertThatThrownBy(() -> open(line, "", "key")).as(line).isInstanceOf(FormRefused.class);
        }
        assertThatThrownBy(() -> open("runout 0.02 8", "x".repeat(41), ""))
                .hasMessageContaining("longer than 40 characters");
        assertThat(rows("part") + rows("docket") + rows("feature")).isEqualTo(before);
    }

    /** A form that is sent twice, at once even, is one docket; two forms are two. */
    @Test
    void aFormIsOneDocketHoweverOftenItIsSent() throws Exception {
        ExecutorService hands = Executors.newFixedThreadPool(8);
        try {
            List<Callable<Integer>> sent = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                String key = "quick-" + i % 2;
                sent.add(() -> open("runout 0.02 8", "P-1", key));
            }
            HashSet<Integer> numbers = new HashSet<>();
            for (Future<Integer> each : hands.invokeAll(sent)) {
                numbers.add(each.get());
            }
            assertThat(numbers).hasSize(2);
        } finally {
            hands.shutdown();
        }
    }

    @Test
    void aPieceIsNamedUntilItIsSignedAndOnlyThatOfAQuickCheck(Eskarn eskarn) throws Exception {
        int number = open("runout 0.02 8", "", "");
        quick.name(number, " shaft of the lathe ", by);
        assertThat(dockets.find(number).orElseThrow().serial()).isEqualTo("shaft of the lathe");
        assertThatThrownBy(() -> quick.name(number, " ", by)).hasMessageContaining("Enter a serial");
        int drawn = eskarn.openDocket(Eskarn.PINION_SHAFT);
        assertThatThrownBy(() -> quick.name(drawn, "another", by))
                .isInstanceOf(DocketConflict.class)
                .hasMessageContaining("quick check");
        database.sql("update docket set signed = true where number = ?")
                .param(number)
                .update();
        try {
            assertThatThrownBy(() -> quick.name(number, "another", by)).hasMessageContaining("signed");
            assertThat(dockets.find(number).orElseThrow().serial()).isEqualTo("shaft of the lathe");
        } finally {
            database.sql("update docket set signed = false where number = ?")
                    .param(number)
                    .update();
        }
    }

    /** It becomes a part beside the docket, which keeps what it was read against. */
    @Test
    void whatIsKeptIsACopy(Eskarn eskarn) throws FormRefused {
        Docket docket = dockets.find(open("flat 20µm 4x3 300 200", "", "")).orElseThrow();
        long quickPart = docket.part().id();
        PartChangeService editing = eskarn.bean(PartChangeService.class);
        long kept = editing.keep(quickPart, new PartForm("TG-955", "A", "Base plate", "", ""));
        assertThat(parts.part(kept).orElseThrow().quick()).isFalse();
        assertThat(parts.all()).anyMatch(part -> part.id() == kept).noneMatch(part -> part.id() == quickPart);
        assertThat(parts.requirements(kept)).singleElement().satisfies(requirement -> {
            assertThat(requirement.terms())
                    .isEqualTo(docket.at(1).orElseThrow().requirement().terms());
            assertThat(requirement.head().partId()).isEqualTo(kept);
        });
        assertThat(dockets.find(docket.number()).orElseThrow().part().id()).isEqualTo(quickPart);
        assertThatThrownBy(() -> editing.keep(quickPart, new PartForm("TG-955", "A", "Base plate", "", "")))
                .hasMessageContaining("already exists");
    }
}

package org.eskarn.app.exchange;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.ledger.export.HarmlessText;
import org.eskarn.app.part.PartService;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(RunningEskarn.class)
class ExchangeTest {

    private static long id(Eskarn eskarn, String login) {
        return eskarn.bean(AccountService.class).byLogin(login).orElseThrow().id();
    }

    private static List<Map<String, String>> csv(Eskarn eskarn, String kind) throws IOException {
        Page page = eskarn.signedIn("i.varn");
        String text = page.request()
                .get(eskarn.address() + "/exchange/" + kind + ".csv")
                .text();
        List<Map<String, String>> rows = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(
                new StringReader(text),
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get())) {
            parser.forEach(record -> rows.add(new LinkedHashMap<>(record.toMap())));
        }
        return rows;
    }

    /** What comes in stays in a world of its own. */
    private static ConfigurableApplicationContext own;

    @BeforeAll
    static void serve() throws Exception {
        own = Eskarn.serve(Eskarn.newFolder(), true);
    }

    @AfterAll
    static void stop() {
        own.close();
    }

    private static long person(String login) {
        return own.getBean(AccountService.class).byLogin(login).orElseThrow().id();
    }

    private static List<Map<String, String>> rows(String kind) {
        Exchanged exchanged = own.getBean(ExchangeService.class).kind(kind);
        List<Map<String, String>> rows = new ArrayList<>();
        for (Map<String, String> row : exchanged.rows()) {
            Map<String, String> whole = new LinkedHashMap<>();
            exchanged.columns().forEach(column -> whole.put(column, row.getOrDefault(column, "")));
            rows.add(whole);
        }
        return rows;
    }

    private static byte[] written(List<Map<String, String>> rows, char separator) throws IOException {
        StringWriter text = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(
                text, CSVFormat.RFC4180.builder().setDelimiter(separator).get())) {
            printer.printRecord(rows.get(0).keySet());
            for (Map<String, String> row : rows) {
                printer.printRecord(row.values().stream().map(HarmlessText::of).toList());
            }
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** What is written for other programs is what there is, to the last letter. */
    @ParameterizedTest
    @ValueSource(strings = {"parts", "gauges", "calibrations"})
    void theFileHoldsWhatThereIs(String kind, Eskarn eskarn) throws Exception {
        Exchanged exchanged = eskarn.bean(ExchangeService.class).kind(kind);
        List<Map<String, String>> there = new ArrayList<>();
        for (Map<String, String> row : exchanged.rows()) {
            Map<String, String> whole = new LinkedHashMap<>();
            exchanged.columns().forEach(column -> whole.put(column, HarmlessText.of(row.getOrDefault(column, ""))));
            there.add(whole);
        }
        assertThat(csv(eskarn, kind)).isEqualTo(there);
    }

    /** All parts of the demo out, in under another revision with another separator, and out again: equal to the last letter. */
    @Test
    void partsComeBackAsTheyWent() throws Exception {
        List<Map<String, String>> out = rows("parts");
        out.removeIf(row -> !row.get("drawingNumber").startsWith("TG-"));
        assertThat(out).hasSizeGreaterThan(60);
        out.forEach(row -> row.put("revision", row.get("revision") + "9"));
        own.getBean(ExchangeService.class).take("parts", written(out, '\t'), person("m.quill"));
        List<Map<String, String>> back = rows("parts");
        back.removeIf(row -> !row.get("revision").endsWith("9"));
        assertThat(back).containsExactlyInAnyOrderElementsOf(out);
    }

    /** The same of the register and of its calibrations, and as JSON. */
    @Test
    void gaugesAndCalibrationsComeBackAsTheyWent() throws Exception {
        ExchangeService exchange = own.getBean(ExchangeService.class);
        List<Map<String, String>> out = rows("gauges");
        List<Map<String, String>> calibrations = rows("calibrations");
        out.forEach(row -> {
            row.put("mark", "9" + row.get("mark"));
            row.put("serial", "");
        });
        exchange.take("gauges", written(out, ';'), person("i.varn"));
        assertThat(copies("gauges")).containsExactlyInAnyOrderElementsOf(out);
        calibrations.forEach(row -> row.put("mark", "9" + row.get("mark")));
        exchange.take(
                "calibrations", JsonMapper.shared().writeValueAsBytes(Map.of("rows", calibrations)), person("i.varn"));
        assertThat(copies("calibrations")).isNotEmpty().containsExactlyInAnyOrderElementsOf(calibrations);
    }

    private static List<Map<String, String>> copies(String kind) {
        List<Map<String, String>> rows = rows(kind);
        rows.removeIf(row -> !row.get("mark").startsWith("9"));
        return rows;
    }

    /** Each bad line is named with what is wrong, and none of the good ones is kept. */
    @Test
    void allIsTakenOrNothing(Eskarn eskarn) {
        String file =
                "drawingNumber;revision;part;feature.name;feature.side;title;characteristic;limit.upper;limit.kind;layout.kind;"
                        + "layout.first\r\n"
                        + "ZZ-1;A;Lever;Eye;INSIDE;Runout;CIRCULAR_RUNOUT_RADIAL;0,02;MAXIMUM;RING;8\r\n"
                        + "ZZ-1;A;Lever;Eye;INSIDE;Runout 2;CIRCULAR_RUNOUT_RADIAL;two;MAXIMUM;RING;8\r\n"
                        + "\r\n"
                        + "ZZ-1;A;Lever;Eye;SIDEWAYS;Runout 3;CIRCULAR_RUNOUT_RADIAL;0,02;MAXIMUM;RING;8\r\n"
                        + "ZZ-1;A;Bar;Eye;INSIDE;Runout 4;CIRCULAR_RUNOUT_RADIAL;0,02;MAXIMUM;RING;8\r\n";
        assertThatThrownBy(() -> eskarn.bean(ExchangeService.class)
                        .take("parts", file.getBytes(StandardCharsets.UTF_8), id(eskarn, "m.quill")))
                .isInstanceOfSatisfying(ImportRefused.class, refused -> {
                    assertThat(refused.problems())
                            .as(refused.problems().toString())
                            .extracting(LineProblem::line)
                            .containsExactly(3, 5, 6);
                    assertThat(refused.problems().get(0).sentence()).contains("“two” is not a number");
                    assertThat(refused.problems().get(1).sentence()).contains("differently");
                    assertThat(refused.problems().get(2).sentence()).contains("differently");
                });
        assertThat(eskarn.bean(PartService.class).byNumber("ZZ-1", "A")).isEmpty();
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] workbook() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("xl/sheet.xml"));
            zip.write(new byte[1_000_000]);
        }
        return bytes.toByteArray();
    }

    static Stream<Object[]> badFiles() throws IOException {
        return Stream.of(
                new Object[] {utf8(""), "The file is empty."},
                new Object[] {utf8("mark|name|kind|unit\nA|B|C|D\n"), "no column “mark”"},
                new Object[] {utf8("mark,name,kind,unit\n"), "no rows"},
                new Object[] {utf8("mark,name,kind,unit,colour\nA,B,INDICATOR,MICROMETRE,red\n"), "no column “colour”"},
                new Object[] {utf8("mark,mark,name,kind,unit\nA,A,B,C,D\n"), "twice"},
                new Object[] {utf8("mark,name,kind,unit\nA,B,NO_SUCH,MICROMETRE\n"), "kind = NO_SUCH"},
                new Object[] {utf8("mark,name,kind,unit\nA,B,INDICATOR,MICROMETRE,1,2\n"), "6 cells"},
                new Object[] {utf8("mark,name,kind,unit\n\"A,B,INDICATOR,MICROMETRE\n"), "quotation mark"},
                new Object[] {
                    "mark,name,kind,unit\nÄ,B,INDICATOR,MICROMETRE\n".getBytes(StandardCharsets.ISO_8859_1), "UTF-8"
                },
                new Object[] {"mark,name\n".getBytes(StandardCharsets.UTF_16), "UTF-8"},
                new Object[] {workbook(), "workbook"},
                new Object[] {
                    utf8("<?xml version='1.0'?><!DOCTYPE a [<!ENTITY b SYSTEM 'file:///etc/passwd'>]><a>&b;</a>"), "XML"
                },
                new Object[] {utf8("{\"rows\": 7}"), "rows"},
                new Object[] {utf8("{\"rows\": ["), "valid JSON"},
                new Object[] {utf8("{\"rows\":" + "[".repeat(100_000)), "valid JSON"},
                new Object[] {new byte[5_000_000], "At most 4 MB"},
                new Object[] {
                    utf8("mark,name,kind,unit\n" + "A,B,INDICATOR,MICROMETRE\n".repeat(5001)), "At most 5000 rows"
                },
                new Object[] {
                    utf8("mark,name,kind,unit\n" + "A".repeat(5000) + ",B,INDICATOR,MICROMETRE\n"),
                    "characters in a cell"
                });
    }

    @ParameterizedTest
    @MethodSource("badFiles")
    void aBadFileGetsASentenceAndChangesNothing(byte[] file, String sentence, Eskarn eskarn) {
        int before = eskarn.bean(GaugeService.class).all().size();
        assertThatThrownBy(() -> eskarn.bean(ExchangeService.class).take("gauges", file, id(eskarn, "i.varn")))
                .isInstanceOf(ImportRefused.class)
                .hasMessageContaining(sentence);
        assertThat(eskarn.bean(GaugeService.class).all()).hasSize(before);
    }

    /** Looked at first: what it would write; then taken, once. A byte order mark does no harm. */
    @Test
    void aFileIsLookedAtAndThenTaken(Eskarn eskarn) {
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/parts");
        page.keyboard().press("x");
        byte[] file = utf8(
                "\uFEFFdrawingNumber,revision,part,feature.name,feature.side,title,characteristic,limit.upper,layout.first\r\n"
                        + "ZZ-2,A,Lever,Eye,OUTSIDE,Runout of eye,CIRCULAR_RUNOUT_RADIAL,0.02,8\r\n");
        page.locator("[name=file]").setInputFiles(new FilePayload("lever.csv", "text/csv", file));
        page.locator("main button").first().click();
        assertThat(page.locator("[role=status]"))
                .containsText("1 part, 1 feature, 1 requirement Nothing is written yet.");
        assertThat(eskarn.bean(PartService.class).byNumber("ZZ-2", "A")).isEmpty();
        assertThat(new AxeBuilder(page).setLegacyMode(true).analyze().getViolations())
                .isEmpty();
        page.keyboard().press("Enter");
        assertThat(page.locator("table")).containsText("ZZ-2");
        page.navigate(eskarn.address() + "/exchange/parts");
        page.locator("[name=file]").setInputFiles(new FilePayload("lever.csv", "text/csv", file));
        page.locator("main button").first().click();
        assertThat(page.locator("main table")).containsText("ZZ-2");
        assertThat(page.locator(".problem")).containsText("Nothing was taken");
    }
}

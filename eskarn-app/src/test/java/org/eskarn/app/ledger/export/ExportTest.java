package org.eskarn.app.ledger.export;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.StringReader;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.usermodel.Workbook;
import org.apache.poi.ss.usermodel.WorkbookFactory;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.ledger.SignedDocuments;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.running.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Tables of the record, opened again by libraries that did not write them. */
@ExtendWith(RunningEskarn.class)
class ExportTest {

    private static final String REMARK = "=HYPERLINK(\"x\"), \"quoted\",\nÅ 2nd line ⌀";

    private static int signed(Eskarn eskarn) throws Exception {
        Work work = Work.open(eskarn.context(), "TG-110", "C", 1, "m.quill");
        work.judge("m.quill", "0 -3 2 4 5.5 4 2/3 1 0.5").sign("m.quill", REMARK);
        return work.number();
    }

    private static List<CSVRecord> csv(byte[] file) throws Exception {
        return CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(new String(file, StandardCharsets.UTF_8)))
                .getRecords();
    }

    private static byte[] table(Eskarn eskarn, ExportedRows rows, boolean workbook) throws Exception {
        ByteArrayOutputStream to = new ByteArrayOutputStream();
        TableWriter table = workbook ? new XlsxTable(to, "rows", rows.heads()) : new CsvTable(to);
        if (!workbook) {
            table.row(rows.heads());
        }
        eskarn.bean(SignedDocuments.class).each(placed -> {
            for (var row : rows.of(placed)) {
                assertThat(row).hasSameSizeAs(rows.heads());
                table.row(row);
            }
        });
        table.end();
        return to.toByteArray();
    }

    @Test
    void everyVerdictIsARowAndEveryReadingIsOne(Eskarn eskarn) throws Exception {
        int docket = signed(eskarn);
        List<CSVRecord> verdicts = csv(table(eskarn, ExportedRows.VERDICTS, false)).stream()
                .filter(row -> row.get("docket").equals(String.valueOf(docket)))
                .toList();
        assertThat(verdicts).hasSize(3);
        assertThat(verdicts.get(0).get("requirement")).isEqualTo("Runout of journal A");
        assertThat(new BigDecimal(verdicts.get(0).get("figure µm")))
                .isBetween(new BigDecimal("8"), new BigDecimal("10"));
        assertThat(verdicts.get(0).get("remark")).isEqualTo("'" + REMARK);
        assertThat(verdicts.get(1).get("figure")).isEmpty();
        List<CSVRecord> readings = csv(table(eskarn, ExportedRows.READINGS, false)).stream()
                .filter(row -> row.get("docket").equals(String.valueOf(docket)))
                .toList();
        assertThat(readings)
                .extracting(row -> row.get("typed"))
                .containsExactly("0", "-3", "2", "4", "5.5", "4", "2/3", "1", "0.5");
        assertThat(readings.get(6).get("other end of band")).isEqualTo("3");
        assertThat(readings.get(8).get("station")).isEqualTo("return");
    }

    /** Whoever reads the table alone still learns that a verdict no longer stands. */
    @Test
    void whatBecameOfAVerdictStandsBesideIt(Eskarn eskarn) throws Exception {
        Work old = new Work(eskarn.context(), signed(eskarn), 1);
        old.question("LI-4");
        int again = old.bean(DocketService.class)
                .supersede(old.number(), "wrong journal", Eskarn.later(), old.id("m.quill"));
        new Work(eskarn.context(), again, 1)
                .judge("m.quill", "0 -3 2 4 5.5 4 3 1 0.5")
                .sign("m.quill", "A alone");
        List<CSVRecord> verdicts = csv(table(eskarn, ExportedRows.VERDICTS, false)).stream()
                .filter(row -> row.get("docket").equals(String.valueOf(old.number())))
                .toList();
        assertThat(verdicts).extracting(row -> row.get("superseded by docket")).containsOnly(String.valueOf(again));
        assertThat(verdicts).extracting(row -> row.get("in question")).containsExactly("yes", "no", "no");
        Page page = eskarn.signedIn("m.quill");
        page.navigate(eskarn.address() + "/ledger?find=" + old.number());
        assertThat(page.locator("tr.lead:has(a:text-is('" + old.number() + "'))")
                        .first()
                        .innerText())
                .contains("in question", "superseded by " + again);
    }

    /** In a workbook numbers are numbers, and no text is a formula. */
    @Test
    void aWorkbookHoldsTheSame(Eskarn eskarn) throws Exception {
        int docket = signed(eskarn);
        try (Workbook book =
                WorkbookFactory.create(new ByteArrayInputStream(table(eskarn, ExportedRows.VERDICTS, true)))) {
            Sheet sheet = book.getSheetAt(0);
            int remark = ExportedRows.VERDICTS.heads().indexOf("remark");
            int figure = ExportedRows.VERDICTS.heads().indexOf("figure µm");
            int found = 0;
            for (Row row : sheet) {
                row.forEach(cell -> assertThat(cell.getCellType()).isNotEqualTo(CellType.FORMULA));
                if (row.getRowNum() > 0 && row.getCell(1).getNumericCellValue() == docket) {
                    found++;
                    assertThat(row.getCell(remark).getStringCellValue()).isEqualTo(REMARK);
                    if (row.getCell(figure) != null) {
                        assertThat(row.getCell(figure).getCellType()).isEqualTo(CellType.NUMERIC);
                    }
                }
            }
            assertThat(found).isEqualTo(3);
        }
    }

    /** What begins like a formula is harmless; readings with a sign stay readings. */
    @ParameterizedTest
    @CsvSource({"=1+1,true", "+cmd,true", "-3,false", "+4.5,false", "@x,true", "-3/2,true", "VB-1,false"})
    void textIsHarmless(String text, boolean marked) {
        assertThat(HarmlessText.of(text)).isEqualTo(marked ? "'" + text : text);
    }

    /** Who is signed in gets the files, also of one docket; who asks for another table is told that there is none. */
    @Test
    void theFilesAreServed(Eskarn eskarn) throws Exception {
        int docket = signed(eskarn);
        Page page = eskarn.signedIn("m.quill");
        APIResponse all = page.request().get(eskarn.address() + "/ledger/export/readings.csv");
        assertThat(all.status()).as(all.text()).isEqualTo(200);
        assertThat(all.headers().get("content-disposition")).contains("eskarn-readings.csv");
        assertThat(csv(all.body())).hasSizeGreaterThan(50);
        assertThat(csv(page.request()
                        .get(eskarn.address() + "/ledger/" + docket + "/readings.csv")
                        .body()))
                .hasSize(9);
        assertThat(page.request()
                        .get(eskarn.address() + "/ledger/export/secrets.csv")
                        .status())
                .isEqualTo(404);
        assertThat(Arrays.copyOf(
                        page.request()
                                .get(eskarn.address() + "/ledger/export/verdicts.xlsx")
                                .body(),
                        2))
                .containsExactly('P', 'K');
    }
}

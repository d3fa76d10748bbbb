package org.eskarn.app.ledger.export;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Locale;
import org.eskarn.app.ledger.LedgerReading;
import org.eskarn.app.ledger.Sheet;
import org.eskarn.app.ledger.SignedDocuments;
import org.eskarn.app.ledger.SinceSigning;
import org.eskarn.app.page.NotFound;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Tables of the record, written as they are read. */
@Controller
@RequestMapping("/ledger")
class ExportController {

    private static final String XLSX = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";

    private final SignedDocuments documents;
    private final LedgerReading ledger;
    private final SinceSigning since;
    private final SheetPdf sheets;

    ExportController(SignedDocuments documents, LedgerReading ledger, SinceSigning since, SheetPdf sheets) {
        this.documents = documents;
        this.ledger = ledger;
        this.since = since;
        this.sheets = sheets;
    }

    /** A sheet to keep or send; of a document that is not what was signed there is none. */
    @GetMapping("/{number:[0-9]+}/sheet.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable int number) throws IOException {
        return inline(
                sheets.of(sheet(number), envelope(number), since.of(number), address(number)), "docket-" + number);
    }

    /** The letter to a maker; only of a piece that came with a certificate. */
    @GetMapping("/{number:[0-9]+}/letter.pdf")
    ResponseEntity<byte[]> letter(@PathVariable int number) throws IOException {
        Sheet sheet = sheet(number);
        if (sheet.document().certificate() == null) {
            throw new NotFound();
        }
        return inline(sheets.letter(sheet, envelope(number), since.of(number), address(number)), "letter-" + number);
    }

    private Sheet sheet(int number) {
        return ledger.sheet(number).flatMap(LedgerReading.Seen::sheet).orElseThrow(NotFound::new);
    }

    private String envelope(int number) {
        return ledger.envelope(number).orElseThrow(NotFound::new);
    }

    private static String address(int number) {
        return ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/ledger/" + number)
                .toUriString();
    }

    private static ResponseEntity<byte[]> inline(byte[] pdf, String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + ".pdf\"")
                .body(pdf);
    }

    @GetMapping("/export/{rows}.csv")
    void csv(@PathVariable String rows, HttpServletResponse response) throws IOException {
        ExportedRows exported = named(rows);
        OutputStream to = attached(response, "text/csv;charset=UTF-8", "eskarn-" + rows + ".csv");
        try (CsvTable table = new CsvTable(to)) {
            table.row(exported.heads());
            all(exported, table);
        }
    }

    @GetMapping("/export/{rows}.xlsx")
    void xlsx(@PathVariable String rows, HttpServletResponse response) throws IOException {
        ExportedRows exported = named(rows);
        try (XlsxTable table =
                new XlsxTable(attached(response, XLSX, "eskarn-" + rows + ".xlsx"), rows, exported.heads())) {
            all(exported, table);
        }
    }

    /** The readings of one docket. */
    @GetMapping("/{number:[0-9]+}/readings.csv")
    void readings(@PathVariable int number, HttpServletResponse response) throws IOException {
        SignedDocuments.Placed placed = documents.ofDocket(number).orElseThrow(NotFound::new);
        OutputStream to = attached(response, "text/csv;charset=UTF-8", "docket-" + number + "-readings.csv");
        try (CsvTable table = new CsvTable(to)) {
            table.row(ExportedRows.READINGS.heads());
            for (var row : ExportedRows.READINGS.of(placed)) {
                table.row(row);
            }
            table.end();
        }
    }

    private void all(ExportedRows exported, TableWriter table) throws IOException {
        documents.each(placed -> {
            for (var row : exported.of(placed)) {
                table.row(row);
            }
        });
        table.end();
    }

    private static ExportedRows named(String rows) {
        for (ExportedRows each : ExportedRows.values()) {
            if (each.name().toLowerCase(Locale.ROOT).equals(rows)) {
                return each;
            }
        }
        throw new NotFound();
    }

    private static OutputStream attached(HttpServletResponse response, String type, String name) throws IOException {
        response.setContentType(type);
        response.setHeader("Content-Disposition", "attachment; filename=\"" + name + "\"");
        return response.getOutputStream();
    }
}

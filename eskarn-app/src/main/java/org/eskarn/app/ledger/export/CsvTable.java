package org.eskarn.app.ledger.export;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;

/** Comma separated values as RFC 4180 has them: UTF-8, a decimal point, a head, lines ended by CR LF. */
public final class CsvTable implements TableWriter {

    private final CSVPrinter printer;

    public CsvTable(OutputStream to) throws IOException {
        Writer writer = new OutputStreamWriter(to, StandardCharsets.UTF_8);
        this.printer = new CSVPrinter(writer, CSVFormat.RFC4180);
    }

    @Override
    public void row(List<? extends @Nullable Object> cells) throws IOException {
        for (Object cell : cells) {
            printer.print(said(cell));
        }
        printer.println();
    }

    private static @Nullable Object said(@Nullable Object cell) {
        if (cell instanceof BigDecimal number) {
            return number.toPlainString();
        }
        return cell instanceof String text ? HarmlessText.of(text) : cell;
    }

    @Override
    public void end() throws IOException {
        printer.flush();
    }

    @Override
    public void close() {
        // The answer that it is written to belongs to the server.
    }
}

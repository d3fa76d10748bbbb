package org.eskarn.app.ledger.export;

import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.util.List;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.xssf.streaming.SXSSFRow;
import org.apache.poi.xssf.streaming.SXSSFSheet;
import org.apache.poi.xssf.streaming.SXSSFWorkbook;
import org.jspecify.annotations.Nullable;

/** A workbook (ISO/IEC 29500): numbers are numbers, text is text and never a formula. A full sheet is followed by another. */
final class XlsxTable implements TableWriter {

    /** All but the head of what a sheet of the format holds. */
    private static final int MOST_ROWS = 1_048_575;

    private static final int IN_MEMORY = 200;
    private static final int LONGEST_TEXT = 32_767;
    private static final int WIDTH = 16 * 256;

    private final OutputStream to;
    private final String name;
    private final List<String> heads;
    private final SXSSFWorkbook book = new SXSSFWorkbook(IN_MEMORY);
    private final CellStyle plain = book.getCellStyleAt(0);
    private SXSSFSheet sheet;
    private int next;

    XlsxTable(OutputStream to, String name, List<String> heads) {
        this.to = to;
        this.name = name;
        this.heads = heads;
        this.sheet = sheet();
    }

    private SXSSFSheet sheet() {
        int number = book.getNumberOfSheets() + 1;
        SXSSFSheet made = book.createSheet(number == 1 ? name : name + " " + number);
        Font bold = book.createFont();
        bold.setBold(true);
        CellStyle head = book.createCellStyle();
        head.setFont(bold);
        SXSSFRow row = made.createRow(0);
        for (int i = 0; i < heads.size(); i++) {
            Cell cell = row.createCell(i);
            cell.setCellValue(heads.get(i));
            cell.setCellStyle(head);
            made.setColumnWidth(i, WIDTH);
        }
        made.createFreezePane(0, 1);
        next = 1;
        return made;
    }

    @Override
    public void row(List<? extends @Nullable Object> cells) {
        if (next > MOST_ROWS) {
            sheet = sheet();
        }
        SXSSFRow row = sheet.createRow(next++);
        for (int i = 0; i < cells.size(); i++) {
            Object cell = cells.get(i);
            if (cell instanceof BigDecimal number) {
                cell(row, i).setCellValue(number.doubleValue());
            } else if (cell instanceof Integer number) {
                cell(row, i).setCellValue(number);
            } else if (cell instanceof String text && !text.isEmpty()) {
                cell(row, i).setCellValue(text.length() > LONGEST_TEXT ? text.substring(0, LONGEST_TEXT) : text);
            }
        }
    }

    /** With the style of the book: without one, that of its column would be looked for at each cell. */
    private Cell cell(SXSSFRow row, int column) {
        Cell cell = row.createCell(column);
        cell.setCellStyle(plain);
        return cell;
    }

    @Override
    public void end() throws IOException {
        book.write(to);
    }

    @Override
    public void close() throws IOException {
        book.close();
    }
}

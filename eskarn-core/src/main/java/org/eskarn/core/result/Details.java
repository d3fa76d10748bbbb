package org.eskarn.core.result;

import java.util.List;

/** What a sweep shows beside the judged figure: single figures, tables and remarks, each in the order told. */
public record Details(List<Figure> figures, List<FigureTable> tables, List<Note> remarks) {

    public static final Details NOTHING = new Details(List.of(), List.of(), List.of());

    public Details {
        figures = List.copyOf(figures);
        tables = List.copyOf(tables);
        remarks = List.copyOf(remarks);
    }

    public static Details of(List<Figure> figures) {
        return new Details(figures, List.of(), List.of());
    }

    /** The same with one remark more. */
    public Details with(Note remark) {
        List<Note> more = new java.util.ArrayList<>(remarks);
        more.add(remark);
        return new Details(figures, tables, more);
    }
}

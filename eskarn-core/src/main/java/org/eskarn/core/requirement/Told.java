package org.eskarn.core.requirement;

import java.util.List;

/** What a sweep shows beside the judged figure: single figures, tables and remarks, each in the order told. */
public record Told(List<Figure> figures, List<FigureTable> tables, List<Remark> remarks) {

    public static final Told NOTHING = new Told(List.of(), List.of(), List.of());

    public Told {
        figures = List.copyOf(figures);
        tables = List.copyOf(tables);
        remarks = List.copyOf(remarks);
    }

    public static Told of(List<Figure> figures) {
        return new Told(figures, List.of(), List.of());
    }
}

package org.eskarn.app.page;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Figure;
import org.eskarn.core.result.FigureTable;

/** What the core tells of a sweep, as it is read: every figure in its unit, the unit once for each column. */
public record DetailsView(List<Line> figures, List<Table> tables, List<String> remarks) {

    private static final int DECIMALS_OF_DIRECTIONS = 1;
    private static final int DECIMALS_OF_ANGLES = 4;
    private static final int DECIMALS_OF_NUMBERS = 2;
    private static final String MINUS = "\u2212";

    /** A single figure with its unit. */
    public record Line(String name, String figure, String symbol) {}

    /** @param columns the heads with their units, that of the names first */
    public record Table(String title, List<String> columns, List<Row> rows) {}

    public record Row(String name, List<String> cells) {}

    /**
     * @param sizes how whole sizes are said
     * @param deviations how differences are said
     */
    public static DetailsView of(Details told, Display sizes, Display deviations) {
        return new DetailsView(
                told.figures().stream()
                        .map(f -> new Line(
                                Words.of(f.name()), amount(f, sizes, deviations), symbol(f, sizes, deviations)))
                        .toList(),
                told.tables().stream()
                        .map(table -> table(table, sizes, deviations))
                        .toList(),
                told.remarks().stream()
                        .map(remark -> Words.capital(Words.of(remark, f -> withUnit(f, sizes, deviations))))
                        .toList());
    }

    private static Table table(FigureTable table, Display sizes, Display deviations) {
        List<String> heads = new ArrayList<>();
        heads.add(Words.of(table.columns().get(0)));
        for (int i = 1; i < table.columns().size(); i++) {
            int column = i - 1;
            String symbol = table.rows().stream()
                    .map(row -> row.cells().get(column))
                    .filter(Figure::known)
                    .findFirst()
                    .map(f -> symbol(f, sizes, deviations))
                    .orElse("");
            heads.add(Words.of(table.columns().get(i)) + (symbol.isEmpty() ? "" : ", " + symbol));
        }
        return new Table(
                Words.of(table.title()),
                heads,
                table.rows().stream()
                        .map(row -> new Row(
                                Words.of(row.name()),
                                row.cells().stream()
                                        .map(f -> amount(f, sizes, deviations))
                                        .toList()))
                        .toList());
    }

    private static String withUnit(Figure figure, Display sizes, Display deviations) {
        String symbol = symbol(figure, sizes, deviations);
        String said = amount(figure, sizes, deviations);
        return symbol.isEmpty() || symbol.equals("°") ? said + symbol : said + " " + symbol;
    }

    private static String symbol(Figure figure, Display sizes, Display deviations) {
        return switch (figure.kind()) {
            case DEVIATION -> deviations.symbol();
            case SLOPE -> deviations.slopeSymbol();
            case SIZE -> sizes.symbol();
            case DIRECTION, ANGLE -> "°";
            case NUMBER -> "";
        };
    }

    private static String amount(Figure figure, Display sizes, Display deviations) {
        if (!figure.known()) {
            return "–";
        }
        return switch (figure.kind()) {
            case DEVIATION -> deviations.amount(figure.amount());
            case SLOPE -> deviations.slopeAmount(figure.amount());
            case SIZE -> sizes.amount(figure.amount());
            case DIRECTION -> plain(figure.amount(), DECIMALS_OF_DIRECTIONS);
            case ANGLE -> plain(figure.amount(), DECIMALS_OF_ANGLES);
            case NUMBER -> number(figure.amount());
        };
    }

    private static String number(double amount) {
        return amount == Math.rint(amount) ? plain(amount, 0) : plain(amount, DECIMALS_OF_NUMBERS);
    }

    private static String plain(double amount, int decimals) {
        return BigDecimal.valueOf(amount)
                .setScale(decimals, RoundingMode.HALF_UP)
                .toPlainString()
                .replace("-", MINUS);
    }
}

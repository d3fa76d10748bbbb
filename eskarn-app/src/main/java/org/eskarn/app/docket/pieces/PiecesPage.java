package org.eskarn.app.docket.pieces;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Units;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.app.picture.PiecesDrawing;
import org.eskarn.app.picture.engine.Drawing;
import org.eskarn.app.picture.engine.VerdictRule;
import org.eskarn.core.pieces.PieceFigure;
import org.eskarn.core.pieces.PiecesCompared;
import org.eskarn.core.result.Details;
import org.eskarn.core.result.Note;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.Outcome;

/**
 * Pieces beside requirements, and one requirement over the pieces.
 *
 * @param columns the requirements in the order of the drawing
 * @param rows the pieces with their newest docket, the worst of the shown requirement first or by serial
 * @param shown the position of the requirement that is looked at
 * @param summary how many pass, fail or are open
 * @param strip the shown requirement in the order read; empty while nothing is read
 * @param supports what the figures support, in sentences
 * @param check what would tell more, and on which piece
 */
record PiecesPage(
        List<Column> columns,
        List<Row> rows,
        int shown,
        String summary,
        Optional<Drawing> strip,
        String headline,
        List<String> supports,
        Optional<String> check,
        Optional<String> again) {

    record Column(int position, String title, String limit, boolean shown) {}

    /** @param apart whether it stands apart from the others at the shown requirement */
    record Row(String serial, int docket, List<Cell> cells, boolean apart) {}

    /** @param address of the docket that it comes from, which may be one before the newest */
    record Cell(Standing standing, String figure, Optional<VerdictRule> rule, String address) {}

    static PiecesPage of(
            List<Piece> pieces, List<PartRequirement> requirements, int asked, boolean bySerial, Units units) {
        int shown = shown(pieces, requirements, asked);
        List<MeasuredPiece> read = measured(pieces, shown).stream()
                .filter(each -> each.figure().isPresent())
                .sorted(Comparator.comparing(
                        each -> each.setUp().findings().shown().readAt()))
                .toList();
        // New parts and parts in service may have limits of their own; what was read last says which are compared.
        Bounds bounds = read.isEmpty() ? Bounds.OPEN : read.get(read.size() - 1).bounds();
        List<MeasuredPiece> alike =
                read.stream().filter(each -> each.bounds().equals(bounds)).toList();
        List<PieceFigure> figures =
                alike.stream().flatMap(each -> each.figure().stream()).toList();
        PiecesCompared compared = PiecesCompared.of(figures, bounds);
        List<String> apart =
                compared.apart().stream().map(i -> figures.get(i).piece()).toList();
        Optional<Display> display = alike.stream().findFirst().map(each -> SetUpDisplay.figures(each.setUp(), units));
        Comparator<Piece> order = bySerial
                ? Comparator.comparing(Piece::serial)
                : Comparator.<Piece>comparingDouble(each ->
                                each.at(shown).map(MeasuredPiece::badness).orElse(Double.NEGATIVE_INFINITY))
                        .reversed();
        return new PiecesPage(
                requirements.stream().map(each -> column(each, shown)).toList(),
                pieces.stream()
                        .sorted(order)
                        .map(each -> row(each, requirements, units, apart.contains(each.serial())))
                        .toList(),
                shown,
                summary(pieces.stream().map(Piece::newest).toList()),
                display.map(said -> PiecesDrawing.of(
                        alike.get(0).setUp().requirement().title(),
                        figures,
                        alike.stream()
                                .map(each -> each.setUp().verdict().outcome())
                                .toList(),
                        compared,
                        bounds,
                        said)),
                display.map(said -> headline(figures, compared, said)).orElse(""),
                display.map(said -> supports(compared, others(read, bounds), said))
                        .orElse(List.of()),
                compared.check().map(Words::of),
                compared.again());
    }

    /** The one asked for; else where most fail, else the first. */
    private static int shown(List<Piece> pieces, List<PartRequirement> requirements, int asked) {
        if (requirements.stream().anyMatch(each -> each.position() == asked)) {
            return asked;
        }
        return requirements.stream()
                .map(PartRequirement::position)
                .max(Comparator.<Integer>comparingLong(position -> failing(pieces, position))
                        .thenComparing(Comparator.reverseOrder()))
                .orElse(1);
    }

    private static long failing(List<Piece> pieces, int position) {
        return measured(pieces, position).stream()
                .filter(each -> each.standing() == Standing.FAIL)
                .count();
    }

    private static List<MeasuredPiece> measured(List<Piece> pieces, int position) {
        return pieces.stream().flatMap(each -> each.at(position).stream()).toList();
    }

    /** Those that are judged by another limit, and so not compared. */
    private static String others(List<MeasuredPiece> read, Bounds bounds) {
        return read.stream()
                .filter(each -> !each.bounds().equals(bounds))
                .map(each -> each.docket().serial())
                .collect(Collectors.joining(", "));
    }

    private static Column column(PartRequirement requirement, int shown) {
        return new Column(
                requirement.position(),
                requirement.title(),
                Words.of(requirement.terms().limit().words()),
                requirement.position() == shown);
    }

    private static Row row(Piece piece, List<PartRequirement> requirements, Units units, boolean apart) {
        return new Row(
                piece.serial(),
                piece.newest().number(),
                requirements.stream()
                        .map(each -> piece.at(each.position())
                                .map(measured -> cell(measured, units))
                                .orElse(new Cell(Standing.OPEN, "", Optional.empty(), "")))
                        .toList(),
                apart);
    }

    private static Cell cell(MeasuredPiece piece, Units units) {
        Display display = SetUpDisplay.figures(piece.setUp(), units);
        boolean figure = piece.whole();
        return new Cell(
                piece.standing(),
                figure ? display.judged(piece.setUp().verdict()) : "",
                figure ? Optional.of(VerdictRule.small(piece.setUp().verdict(), display)) : Optional.empty(),
                "/dockets/" + piece.docket().number() + "/"
                        + piece.setUp().requirement().position());
    }

    private static String summary(List<Docket> dockets) {
        int open = (int) dockets.stream().filter(docket -> !docket.settled()).count();
        List<Outcome> outcomes =
                dockets.stream().filter(Docket::settled).map(Docket::outcome).toList();
        int pass = Collections.frequency(outcomes, Outcome.PASS);
        int fail = Collections.frequency(outcomes, Outcome.FAIL);
        int unproven = Collections.frequency(outcomes, Outcome.NOT_PROVEN);
        return Stream.of(
                        pass == 0 ? "" : Words.say("docket.pieces-pass", pass),
                        fail == 0 ? "" : Words.say("docket.pieces-fail", fail),
                        unproven == 0 ? "" : Words.say("docket.pieces-not-proven", unproven),
                        open == 0 ? "" : Words.say("docket.pieces-open", open))
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(", "));
    }

    private static String headline(List<PieceFigure> figures, PiecesCompared compared, Display display) {
        if (compared.apart().isEmpty()) {
            return "";
        }
        double odd = compared.apart().stream()
                .mapToDouble(i -> figures.get(i).value())
                .average()
                .orElseThrow();
        return Words.say(
                "docket.pieces-apart",
                compared.apart().size(),
                figures.size(),
                display.amount(odd),
                display.amount(compared.middle()),
                display.symbol());
    }

    private static List<String> supports(PiecesCompared compared, String others, Display display) {
        List<Note> said = new ArrayList<>(compared.supports());
        if (!others.isEmpty()) {
            said.add(Note.of("docket.pieces-of-another-limit", others));
        }
        return DetailsView.of(new Details(List.of(), List.of(), said), display, display)
                .remarks();
    }
}

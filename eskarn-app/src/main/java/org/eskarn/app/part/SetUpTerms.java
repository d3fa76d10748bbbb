package org.eskarn.app.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;

/**
 * How the part stands when a requirement is measured.
 *
 * @param warm whether the part is still warm when it is reached
 */
public record SetUpTerms(long requirementId, boolean warm, WorkKind workKind, String circumstances) {

    private static final int LONGEST_LINE = 400;
    private static final int MOST_PREPARATIONS = 40;

    /** The fields of a set-up, as typed. Cautions are the lines that begin with “!”. */
    public record Form(
            @Nullable Boolean warm,
            @Nullable WorkKind workKind,
            @Nullable String circumstances,
            @Nullable String preparations) {

        static Form blank(String preparations) {
            return new Form(false, WorkKind.BETWEEN_CENTRES, "", preparations);
        }

        static Form of(SetUpTerms terms, List<Preparation> preparations) {
            return new Form(
                    terms.warm(),
                    terms.workKind(),
                    terms.circumstances(),
                    preparations.stream()
                            .map(line -> (line.caution() ? "! " : "") + line.text())
                            .collect(Collectors.joining("\n")));
        }

        WorkKind chosenWork() {
            return Objects.requireNonNullElse(workKind, WorkKind.BETWEEN_CENTRES);
        }

        /** The same on the sheet of another kind of work, unless the lines were written by hand. */
        Form usualOf(WorkKind other, Map<WorkKind, String> sheets) {
            boolean byHand = !plain(preparations).equals(plain(sheets.get(chosenWork())));
            return byHand ? this : new Form(warm, other, circumstances, sheets.getOrDefault(other, ""));
        }

        private static String plain(@Nullable String text) {
            return text == null ? "" : text.replaceAll("\\s+", " ").strip();
        }

        Form with(@Nullable String lines) {
            return new Form(warm, workKind, circumstances, lines);
        }
    }

    static SetUpTerms of(Form form, Typed typed) {
        return new SetUpTerms(
                0,
                Boolean.TRUE.equals(form.warm()),
                form.chosenWork(),
                typed.atMost("setUp.circumstances", Typed.text(form.circumstances()), LONGEST_LINE));
    }

    static List<Preparation> preparations(Form form, long requirementId, Typed typed) {
        List<Preparation> lines = new ArrayList<>();
        for (String line : Typed.text(form.preparations()).lines().toList()) {
            String text = line.strip();
            boolean caution = text.startsWith("!");
            String said = caution ? text.substring(1).strip() : text;
            if (!said.isEmpty()) {
                lines.add(new Preparation(
                        0,
                        requirementId,
                        lines.size() + 1,
                        caution,
                        typed.atMost("setUp.preparations", said, LONGEST_LINE)));
            }
        }
        if (lines.size() > MOST_PREPARATIONS) {
            typed.problem("setUp.preparations", Words.say("part.nobody-reads-more-than-40-lines-write"));
        }
        return lines;
    }
}

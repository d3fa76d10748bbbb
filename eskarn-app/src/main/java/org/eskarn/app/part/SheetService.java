package org.eskarn.app.part;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.joining;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.eskarn.app.actions.ActionAbout;
import org.eskarn.app.actions.ActionLog;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The library of set-up sheets, one for each kind of work. A requirement takes a copy when it is written, so that a later
 * change to the library changes no requirement.
 */
@Service
public class SheetService {

    private static final int LONGEST_LINE = 400;

    private final SheetMapper sheets;

    private final ActionLog actions;

    SheetService(SheetMapper sheets, ActionLog actions) {
        this.sheets = sheets;
        this.actions = actions;
    }

    /** A sheet as it is edited: one line each, cautions begin with “!”. */
    public record Sheet(WorkKind kind, int version, String text) {}

    @Transactional(readOnly = true)
    public List<Sheet> all() {
        Map<WorkKind, String> texts = sheets.lines().stream()
                .collect(groupingBy(
                        SheetLine::workKind,
                        java.util.stream.Collectors.mapping(
                                line -> (line.caution() ? "! " : "") + line.text(), joining("\n"))));
        return sheets.sheets().stream()
                .sorted(Comparator.comparing(SheetRow::workKind))
                .map(row -> new Sheet(row.workKind(), row.version(), texts.getOrDefault(row.workKind(), "")))
                .toList();
    }

    public String text(WorkKind kind) {
        return texts().getOrDefault(kind, "");
    }

    /** The lines of every kind of work. */
    public Map<WorkKind, String> texts() {
        return all().stream().collect(java.util.stream.Collectors.toMap(Sheet::kind, Sheet::text));
    }

    /**
     * @throws FormRefused if a line is too long, or somebody else changed the sheet meanwhile
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void change(WorkKind kind, int version, String text) throws FormRefused {
        if (sheets.touch(kind, version) == 0) {
            throw new FormRefused(kind.name(), Words.say("part.somebody-else-changed-this-sheet-meanwhile-so"));
        }
        sheets.deleteLines(kind);
        int position = 0;
        for (String line :
                text.lines().map(String::strip).filter(l -> !l.isEmpty()).toList()) {
            boolean caution = line.startsWith("!");
            String said = caution ? line.substring(1).strip() : line;
            if (said.length() > LONGEST_LINE) {
                throw new FormRefused(kind.name(), Words.say("part.a-line-is-longer-than-400-characters"));
            }
            position++;
            sheets.insertLine(new SheetLine(kind, position, caution, said));
        }
        actions.tell(ActionAbout.PART, Words.say("part.action-sheet", kind.title()));
    }
}

package org.eskarn.app.exchange;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.eskarn.app.page.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Looks at files and takes them: a look does all that taking does, and undoes it. */
@Service
public class ExchangeService {

    private final Map<String, Exchanged> kinds;
    private final TransactionTemplate transaction;

    ExchangeService(List<Exchanged> kinds, PlatformTransactionManager transactions) {
        this.kinds = kinds.stream().collect(Collectors.toMap(Exchanged::kind, Function.identity()));
        this.transaction = new TransactionTemplate(transactions);
    }

    Exchanged kind(String kind) {
        Exchanged found = kinds.get(kind);
        if (found == null) {
            throw new NotFound();
        }
        return found;
    }

    FileTable read(String kind, byte[] file) throws ImportRefused {
        return FileTable.read(file, kind(kind).columns(), kind(kind).needed());
    }

    /** What came of a file: what was written, or what is wrong with it. */
    record Outcome(String said, List<LineProblem> problems) {}

    /** Says what a file would write, and writes nothing. */
    Outcome look(String kind, FileTable table, long by) {
        return run(kind, table, by, true);
    }

    /** Writes all of it, or nothing. */
    Outcome take(String kind, FileTable table, long by) {
        return run(kind, table, by, false);
    }

    private Outcome run(String kind, FileTable table, long by, boolean undo) {
        Outcome outcome = transaction.execute(status -> {
            try {
                String said = kind(kind).write(table, by);
                if (undo) {
                    status.setRollbackOnly();
                }
                return new Outcome(said, List.of());
            } catch (ImportRefused e) {
                status.setRollbackOnly();
                return new Outcome("", e.problems());
            }
        });
        return Objects.requireNonNull(outcome);
    }

    /**
     * Takes a file without anybody looking at it first.
     *
     * @return what was written, in words
     * @throws ImportRefused if a line of it is unfit; then nothing was written
     */
    public String take(String kind, byte[] file, long by) throws ImportRefused {
        Outcome outcome = take(kind, read(kind, file), by);
        if (!outcome.problems().isEmpty()) {
            throw new ImportRefused(outcome.problems());
        }
        return outcome.said();
    }
}

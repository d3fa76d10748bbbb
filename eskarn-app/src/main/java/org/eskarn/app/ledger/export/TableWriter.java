package org.eskarn.app.ledger.export;

import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A table that grows row by row and is never whole in memory. */
interface TableWriter {

    void row(List<? extends @Nullable Object> cells) throws IOException;

    /** Nothing follows. */
    void end() throws IOException;
}

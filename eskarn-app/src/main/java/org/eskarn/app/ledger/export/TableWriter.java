package org.eskarn.app.ledger.export;

import java.io.Closeable;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A table that grows row by row and is never whole in memory. */
public interface TableWriter extends Closeable {

    void row(List<? extends @Nullable Object> cells) throws IOException;

    /** Nothing follows. */
    void end() throws IOException;

    /** Lets go of what it holds, whether it came to its end or not. */
    @Override
    void close() throws IOException;
}

package org.eskarn.app.exchange;

import java.util.List;
import java.util.Map;

/** Something that goes out as a file of rows and comes in from one. */
interface Exchanged {

    /** What it is called in an address. */
    String kind();

    /** The columns of its file, in their order. */
    List<String> columns();

    /** Those that a file has to have. */
    List<String> needed();

    /** Everything there is. */
    List<Map<String, String>> rows();

    /**
     * Writes all rows. Only inside a transaction, which whoever calls it ends.
     *
     * @return what was written, in words
     * @throws ImportRefused if a row is unfit; what was written before it has to be undone
     */
    String write(FileTable table, long by) throws ImportRefused;
}

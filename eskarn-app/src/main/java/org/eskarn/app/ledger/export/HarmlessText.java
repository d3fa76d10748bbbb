package org.eskarn.app.ledger.export;

import java.util.regex.Pattern;

/** Text that a spreadsheet does not take for a formula: what begins like one gets an apostrophe before it. */
public final class HarmlessText {

    private static final Pattern LIKE_A_FORMULA = Pattern.compile("^[=+\\-@\\t\\r\\n].*", Pattern.DOTALL);
    private static final Pattern NUMBER = Pattern.compile("[+-]?[0-9]+([.,][0-9]+)?");

    private HarmlessText() {}

    public static String of(String text) {
        return LIKE_A_FORMULA.matcher(text).matches() && !NUMBER.matcher(text).matches() ? "'" + text : text;
    }

    /** What was meant by it: without an apostrophe that only stands before what looks like a formula. */
    public static String meant(String read) {
        return read.startsWith("'") && LIKE_A_FORMULA.matcher(read.substring(1)).matches() ? read.substring(1) : read;
    }
}

package org.eskarn.app.docket;

import java.math.BigInteger;
import java.util.Comparator;

/** Serials as people count them: VB-9 before VB-10, whatever the case of letters; 007 and 7 are one number, the shorter first. */
public final class SerialOrder implements Comparator<String> {

    private static final String WHERE_DIGITS_BEGIN_OR_END = "(?<=\\d)(?=\\D)|(?<=\\D)(?=\\d)";

    /**
     * Whether a serial lies between two others, both included; 0508 is within 501 to 508.
     *
     * @param from empty for no bound
     * @param to empty for no bound
     */
    public boolean within(String serial, String from, String to) {
        return (from.isEmpty() || counted(from, serial) <= 0) && (to.isEmpty() || counted(serial, to) <= 0);
    }

    @Override
    public int compare(String one, String other) {
        int found = counted(one, other);
        return found != 0 ? found : Integer.compare(one.length(), other.length());
    }

    private static int counted(String one, String other) {
        String[] left = one.split(WHERE_DIGITS_BEGIN_OR_END);
        String[] right = other.split(WHERE_DIGITS_BEGIN_OR_END);
        for (int i = 0; i < Math.min(left.length, right.length); i++) {
            int found = piece(left[i], right[i]);
            if (found != 0) {
                return found;
            }
        }
        return Integer.compare(left.length, right.length);
    }

    private static int piece(String one, String other) {
        return one.matches("[0-9]+") && other.matches("[0-9]+")
                ? new BigInteger(one).compareTo(new BigInteger(other))
                : one.compareToIgnoreCase(other);
    }
}

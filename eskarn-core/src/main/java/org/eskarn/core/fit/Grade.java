package org.eskarn.core.fit;

import java.util.Optional;

/**
 * A standard tolerance grade of ISO 286-1: 01, 0, 1 to 18.
 *
 * @param index 0 for grade 01, 1 for grade 0, n + 1 for grade n
 */
public record Grade(int index) implements Comparable<Grade> {

    /** Grades 01, 0, 1 to 18. */
    public static final int COUNT = 20;

    /**
     * @throws IllegalArgumentException if the index is below 0 or above 19
     */
    public Grade {
        if (index < 0 || index >= COUNT) {
            throw new IllegalArgumentException("there is no grade of index " + index);
        }
    }

    /** The grade with a number from 0 on. */
    public static Grade of(int number) {
        return new Grade(number + 1);
    }

    /** The grade as it is written after the letters, or empty where it names none. */
    public static Optional<Grade> written(String digits) {
        if (digits.equals("01")) {
            return Optional.of(new Grade(0));
        }
        if (!digits.matches("0|[1-9]\\d?")) {
            return Optional.empty();
        }
        int number = Integer.parseInt(digits);
        return number + 1 < COUNT ? Optional.of(of(number)) : Optional.empty();
    }

    /** The number of the grade, -1 for grade 01. */
    public int number() {
        return index - 1;
    }

    @Override
    public int compareTo(Grade other) {
        return Integer.compare(index, other.index);
    }

    @Override
    public String toString() {
        return index == 0 ? "01" : Integer.toString(number());
    }
}

package org.eskarn.app.trust;

import java.util.List;

/** Some places out of several lists that are shown one after the other: each list is taken in turn, and gives what falls into it. */
final class Window {

    private int before;
    private int left;

    /**
     * @param from the first place, counted from 0
     * @param most how many places
     */
    Window(int from, int most) {
        before = from;
        left = most;
    }

    /** What of the next list falls into the window. */
    record Part(int from, int most) {}

    Part take(int size) {
        int from = Math.min(before, size);
        int most = Math.min(left, size - from);
        before -= from;
        left -= most;
        return new Part(from, most);
    }

    <T> List<T> of(List<T> list) {
        Part part = take(list.size());
        return list.subList(part.from(), part.from() + part.most());
    }
}

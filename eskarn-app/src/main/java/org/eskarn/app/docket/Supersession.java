package org.eskarn.app.docket;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Which of some dockets no longer stand, because another of them was signed in their place. */
public final class Supersession {

    private Supersession() {}

    /** The number of the signed docket that took its place, by the number of each that is superseded. */
    public static Map<Integer, Integer> among(List<Docket> dockets) {
        return dockets.stream()
                .filter(docket -> docket.signed() && docket.supersedes() != null)
                .collect(Collectors.toMap(Docket::supersedes, Docket::number));
    }
}

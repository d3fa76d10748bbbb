package org.eskarn.app.docket;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.eskarn.core.remedy.DialIn;

/**
 * One round of dialling a part in: the places, what was read at each as it was typed, and within what they are to agree.
 *
 * @param places their names, with semicolons between
 * @param typed the readings, with blanks between
 * @param micrometres the same in µm, exact, with blanks between
 */
public record DialledIn(
        long id,
        long setUpId,
        long attemptId,
        int number,
        String places,
        String typed,
        String micrometres,
        String withinTyped,
        String withinMicrometres,
        long takenBy,
        String takenByName,
        Instant takenAt) {

    public DialIn round() {
        return new DialIn(
                Arrays.stream(micrometres.split(" ")).map(Double::valueOf).toList(),
                Double.parseDouble(withinMicrometres));
    }

    public List<String> placeNames() {
        return List.of(places.split("; "));
    }

    public String highest() {
        return placeNames().get(round().highest());
    }

    public String lowest() {
        return placeNames().get(round().lowest());
    }
}

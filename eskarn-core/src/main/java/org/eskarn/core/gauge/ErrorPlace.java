package org.eskarn.core.gauge;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.eskarn.core.result.Note;

/**
 * Where the error of a stand or gauge lives. The same face is measured with its slide at several positions, and at one of
 * them after the part was taken off and seated again several times.
 *
 * <ul>
 *   <li>face: what all positions share = mean over the positions;
 *   <li>slide: what changes with the position = range over the positions;
 *   <li>seat: what changes when it is seated again = range over the seatings.
 * </ul>
 *
 * A part is named when it is larger than what the gauge itself can tell; a slide only when it is also larger than the
 * seat, which else explains it.
 *
 * @param face in µm, signed
 * @param slide in µm
 * @param seat in µm; 0 where it was not seated again
 * @param places what is named, the largest first; empty where all is within what can be told
 */
public record ErrorPlace(double face, double slide, double seat, List<Place> places) {

    /** A part of a stand. */
    public enum Place {
        FACE(Note.of("core.the-face-itself-the-error-is-the")),
        SLIDE(Note.of("core.the-slide-the-error-changes-with-its")),
        SEAT(Note.of("core.the-seat-the-error-changes-when-it"));

        private final Note sentence;

        Place(Note sentence) {
            this.sentence = sentence;
        }

        public Note sentence() {
            return sentence;
        }
    }

    /**
     * @param positions the error at each position of the slide, µm
     * @param seatings the error after each seating at one position, µm; may be empty
     * @param telling the smallest difference the gauge can tell, µm
     * @throws IllegalArgumentException if there are fewer than two positions
     */
    public static ErrorPlace of(double[] positions, double[] seatings, double telling) {
        if (positions.length < 2) {
            throw new IllegalArgumentException("the slide is tried at two positions or more, not " + positions.length);
        }
        double face = Arrays.stream(positions).average().orElseThrow();
        double slide = range(positions);
        double seat = seatings.length > 1 ? range(seatings) : 0;
        List<Place> places = new ArrayList<>();
        if (Math.abs(face) > telling) {
            places.add(Place.FACE);
        }
        if (slide > telling && slide > seat) {
            places.add(Place.SLIDE);
        }
        if (seat > telling) {
            places.add(Place.SEAT);
        }
        places.sort((a, b) -> Double.compare(amount(b, face, slide, seat), amount(a, face, slide, seat)));
        return new ErrorPlace(face, slide, seat, List.copyOf(places));
    }

    private static double amount(Place place, double face, double slide, double seat) {
        return switch (place) {
            case FACE -> Math.abs(face);
            case SLIDE -> slide;
            case SEAT -> seat;
        };
    }

    private static double range(double[] values) {
        return Arrays.stream(values).max().orElseThrow()
                - Arrays.stream(values).min().orElseThrow();
    }
}

package org.eskarn.app.picture.round;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.simulate.DialFace;

/**
 * The face of the simulated indicator.
 *
 * @param ticks the graduation lines, turned with the bezel, as one path
 * @param figures the figures round the scale
 * @param bezel degrees by which scale and figures are turned
 * @param needle degrees clockwise from the top
 * @param way the needle's angles on its way here, for the script that moves it
 * @param counter degrees of the small hand
 * @param graduation what one line means
 */
public record DialPicture(
        String ticks,
        List<Figure> figures,
        double bezel,
        double needle,
        String way,
        double counter,
        String graduation) {

    private static final double RADIUS = 104;
    private static final int TEN = 10;

    public record Figure(Xy at, String text) {}

    /**
     * @param way the needle's angles since the place before
     */
    public static DialPicture of(DialFace face, List<Double> way, Dial dial) {
        String ticks = IntStream.range(0, DialFace.DIVISIONS)
                .mapToObj(i -> {
                    double angle = 2 * Math.PI * i / DialFace.DIVISIONS;
                    double length = i % TEN == 0 ? 15 : i % 5 == 0 ? 11 : 6;
                    Xy centre = new Xy(0, 0);
                    return "M" + Xy.polar(centre, RADIUS, angle) + "L" + Xy.polar(centre, RADIUS - length, angle);
                })
                .collect(Collectors.joining());
        List<Figure> figures = IntStream.range(0, TEN)
                .mapToObj(i -> {
                    // Counted both ways from zero, as on a balanced dial: plus to the right, minus to the left.
                    int shown = i <= TEN / 2 ? i * TEN : (TEN - i) * TEN;
                    return new Figure(
                            Xy.polar(new Xy(0, 0), RADIUS - 27, 2 * Math.PI * i / TEN + Math.toRadians(face.zero())),
                            Integer.toString(shown));
                })
                .toList();
        return new DialPicture(
                ticks,
                figures,
                face.zero(),
                face.needle(),
                way.stream().map(Xy::written).collect(Collectors.joining(" ")),
                face.revolutions() * 36,
                dial.graduation().toString());
    }
}

package org.eskarn.core.reading;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.eskarn.core.result.Note;

/**
 * Points as they are written, one item each: a name alone; a name and two distances; a sweep line, “A 0 0 to 80 60 in 5”; a
 * rim, “rim round 40 30 at 25 in 8”, which begins at the top and goes clockwise.
 */
final class PointsReader {

    private static final String NUM = "(-?[\\d.]+)";
    private static final Pattern POINT = Pattern.compile("(.+?)\\s+" + NUM + "\\s+" + NUM);
    private static final Pattern LINE = Pattern.compile(
            "(.+?)\\s+" + NUM + "\\s+" + NUM + "\\s+to\\s+" + NUM + "\\s+" + NUM + "\\s+in\\s+(\\d{1,3})");
    private static final Pattern RIM =
            Pattern.compile("(.+?)\\s+round\\s+" + NUM + "\\s+" + NUM + "\\s+at\\s+" + NUM + "\\s+in\\s+(\\d{1,3})");
    private static final int DECIMALS = 4;

    private PointsReader() {}

    static List<Place> read(List<String> items) throws LayoutRejected {
        List<Place> places = new ArrayList<>();
        for (String item : items) {
            String written = String.join(" ", LayoutText.words(item));
            Matcher line = LINE.matcher(written);
            Matcher rim = RIM.matcher(written);
            Matcher point = POINT.matcher(written);
            if (line.matches()) {
                addLine(line, places);
            } else if (rim.matches()) {
                addRim(rim, places);
            } else if (point.matches() && LayoutText.isNumber(point.group(2)) && LayoutText.isNumber(point.group(3))) {
                places.add(Place.plane(point.group(1), number(point.group(2)), number(point.group(3))));
            } else {
                places.add(new Place(item, null, null, null));
            }
        }
        long onPlane = places.stream().filter(place -> place.across() != null).count();
        if (onPlane > 0 && onPlane < places.size()) {
            throw new LayoutRejected(false, Note.of("core.some-points-have-two-distances-and-some"));
        }
        return places;
    }

    private static void addLine(Matcher line, List<Place> places) throws LayoutRejected {
        int steps = count(line.group(6), line.group(1), 2) - 1;
        BigDecimal x = number(line.group(2));
        BigDecimal y = number(line.group(3));
        BigDecimal dx = number(line.group(4)).subtract(x);
        BigDecimal dy = number(line.group(5)).subtract(y);
        if (dx.signum() == 0 && dy.signum() == 0) {
            throw new LayoutRejected(false, Note.of("core.begins-and-ends-in-one-place", line.group(1)));
        }
        for (int i = 0; i <= steps; i++) {
            BigDecimal part = BigDecimal.valueOf(i);
            places.add(new Place(
                    line.group(1) + " " + (i + 1),
                    null,
                    x.add(shared(dx.multiply(part), steps)),
                    y.add(shared(dy.multiply(part), steps)),
                    line.group(1)));
        }
    }

    private static void addRim(Matcher rim, List<Place> places) throws LayoutRejected {
        int steps = count(rim.group(5), rim.group(1), 3);
        BigDecimal x = number(rim.group(2));
        BigDecimal y = number(rim.group(3));
        double radius = number(rim.group(4)).doubleValue();
        if (!(radius > 0)) {
            throw new LayoutRejected(false, Note.of("core.is-a-rim-of-no-radius", rim.group(1)));
        }
        for (int i = 0; i < steps; i++) {
            double radians = 2 * Math.PI * i / steps;
            places.add(new Place(
                    rim.group(1) + " " + (i + 1),
                    null,
                    x.add(rounded(radius * Math.sin(radians))),
                    y.add(rounded(radius * Math.cos(radians))),
                    rim.group(1) + " rim",
                    true));
        }
    }

    private static int count(String written, String name, int least) throws LayoutRejected {
        int count = Integer.parseInt(written);
        if (count < least || count > LayoutText.MOST) {
            throw new LayoutRejected(false, Note.of("core.has-places-type-a-number-from-to", name, count, least));
        }
        return count;
    }

    private static BigDecimal shared(BigDecimal whole, int parts) {
        return whole.divide(BigDecimal.valueOf(parts), MathContext.DECIMAL64)
                .setScale(DECIMALS, RoundingMode.HALF_UP)
                .stripTrailingZeros();
    }

    private static BigDecimal rounded(double amount) {
        return BigDecimal.valueOf(amount)
                .setScale(DECIMALS, RoundingMode.HALF_UP)
                .stripTrailingZeros();
    }

    private static BigDecimal number(String word) throws LayoutRejected {
        return LayoutText.number(word, false);
    }
}

package org.eskarn.app.picture;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.PlanPicture.Box;
import org.eskarn.app.picture.PlanPicture.Next;
import org.eskarn.app.picture.PlanPicture.Spot;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.requirement.Assessment;
import org.jspecify.annotations.Nullable;

/** Draws heights over a plane, to scale in position, coloured by a single ramp with every height in figures. */
final class PlanDrawing {

    private static final double LEFT = 70;
    private static final double RIGHT = 570;
    private static final double TOP = 62;
    private static final double BOTTOM = 372;
    private static final double MARGIN = 34;
    private static final int STEPS = 7;
    private static final int MOST_NAMED = 60;
    private static final double KEY_LEFT = 150;
    private static final double KEY_STEP = 50;

    private final Subject subject;
    private final Assessment assessment;
    private final Display display;
    private final double scale;
    private final double middleX;
    private final double middleY;
    private final Box outline;

    private PlanDrawing(Subject subject, Assessment assessment, Display display) {
        this.subject = subject;
        this.assessment = assessment;
        this.display = display;
        List<Station> stations = assessment.sweep().layout().stations();
        double left = stations.stream().mapToDouble(Station::distance).min().orElse(0);
        double right = stations.stream().mapToDouble(Station::distance).max().orElse(0);
        double low = stations.stream().mapToDouble(Station::height).min().orElse(0);
        double high = stations.stream().mapToDouble(Station::height).max().orElse(0);
        double width = Math.max(right - left, 1e-6);
        double height = Math.max(high - low, 1e-6);
        this.scale = Math.min((RIGHT - LEFT - 2 * MARGIN) / width, (BOTTOM - TOP - 2 * MARGIN) / height);
        this.middleX = (left + right) / 2;
        this.middleY = (low + high) / 2;
        double drawnWidth = Math.max(width * scale, 1) + 2 * MARGIN;
        double drawnHeight = Math.max(height * scale, 1) + 2 * MARGIN;
        this.outline = new Box(
                (LEFT + RIGHT) / 2 - drawnWidth / 2, (TOP + BOTTOM) / 2 - drawnHeight / 2, drawnWidth, drawnHeight);
    }

    static PlanPicture of(Subject subject, Assessment assessment, Display display) {
        return new PlanDrawing(subject, assessment, display).draw();
    }

    private PlanPicture draw() {
        Sweep sweep = assessment.corrected();
        double lowest = sweep.readings().stream()
                .mapToDouble(Reading::micrometres)
                .min()
                .orElse(0);
        double highest = sweep.readings().stream()
                .mapToDouble(Reading::micrometres)
                .max()
                .orElse(0);
        List<Spot> spots = new ArrayList<>();
        List<Station> stations = sweep.layout().stations();
        boolean named = stations.size() <= MOST_NAMED;
        for (int i = 0; i < stations.size(); i++) {
            Reading reading = i < sweep.readings().size() ? sweep.readings().get(i) : null;
            spots.add(spot(stations.get(i), reading, lowest, highest, named));
        }
        return new PlanPicture(
                subject.name() + ", seen from above",
                outline,
                spots,
                sweep.next().map(this::next).orElse(null),
                steps(lowest, highest),
                "positions to scale · heights in " + display.symbol() + " from the zero, dark is high");
    }

    private Xy at(Station station) {
        return new Xy(
                (LEFT + RIGHT) / 2 + (station.distance() - middleX) * scale,
                (TOP + BOTTOM) / 2 - (station.height() - middleY) * scale);
    }

    private Spot spot(Station station, @Nullable Reading reading, double lowest, double highest, boolean named) {
        if (reading == null) {
            boolean isNext = assessment.sweep().next().filter(station::equals).isPresent();
            return new Spot(at(station), named && !isNext ? station.name() : "", "", -1, "");
        }
        double height = reading.micrometres();
        boolean differ = highest > lowest;
        String word = !differ ? "" : height == highest ? "high" : height == lowest ? "low" : "";
        return new Spot(
                at(station),
                named ? station.name() : "",
                named || !word.isEmpty() ? display.signed(height) : "",
                differ ? step(height, lowest, highest) : STEPS / 2,
                word);
    }

    private static int step(double height, double lowest, double highest) {
        return (int) Math.min(STEPS - 1, Math.floor((height - lowest) / (highest - lowest) * STEPS));
    }

    private Next next(Station station) {
        boolean back = assessment.sweep().stationsToGo() == 0;
        Xy at = at(station);
        return new Next(at, (back ? "return to " : "next: ") + station.name(), at.y() < TOP + MARGIN + 20);
    }

    private List<PlanPicture.Step> steps(double lowest, double highest) {
        List<PlanPicture.Step> steps = new ArrayList<>();
        if (!(highest > lowest)) {
            return steps;
        }
        for (int i = 0; i < STEPS; i++) {
            double from = lowest + (highest - lowest) * i / STEPS;
            steps.add(new PlanPicture.Step(i, KEY_LEFT + i * KEY_STEP, display.signed(from)));
        }
        return steps;
    }
}

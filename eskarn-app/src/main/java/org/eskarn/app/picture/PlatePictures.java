package org.eskarn.app.picture;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.Display;
import org.eskarn.core.flat.Facets;
import org.eskarn.core.reading.Station;
import org.eskarn.core.remedy.Packing;
import org.eskarn.core.remedy.Packing.Support;
import org.eskarn.core.requirement.Assessment;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.HeightsReduction;
import org.eskarn.core.zone.ThinnestBand.Contact;

/** The faces that sweeps show. */
public final class PlatePictures {

    private PlatePictures() {}

    /** Of what was computed, with its tilt or without. */
    static Plate of(Subject subject, Assessment assessment, HeightsReduction heights, boolean levelled) {
        List<Station> stations = assessment.sweep().layout().stations();
        boolean flatness = subject.terms().characteristic() == Characteristic.FLATNESS;
        boolean whole = assessment.sweep().stationsToGo() == 0;
        List<Contact> contacts = flatness && whole ? heights.zone().contacts() : List.of();
        return new Plate(
                subject.name(),
                stations,
                perPlace(assessment),
                levelled ? heights.levelled() : heights.heights(),
                heights.facets(stations),
                contacts,
                levelled || !whole ? Optional.empty() : heights.tilt(),
                assessment.sweep().next(),
                levelled ? "heights, tilt taken out" : "heights from the zero");
    }

    /** Of the readings as far as they go, where nothing can be computed yet. */
    static Plate asRead(Subject subject, Assessment assessment) {
        List<Station> stations = assessment.sweep().layout().stations();
        double[] heights = assessment.corrected().micrometres();
        double perPlace = perPlace(assessment);
        double[] x = stations.stream()
                .limit(heights.length)
                .mapToDouble(station -> station.distance() * perPlace)
                .toArray();
        double[] y = stations.stream()
                .limit(heights.length)
                .mapToDouble(station -> station.height() * perPlace)
                .toArray();
        int[] noRims = new int[heights.length];
        Arrays.fill(noRims, -1);
        return new Plate(
                subject.name(),
                stations,
                perPlace,
                heights,
                Facets.of(x, y, noRims),
                List.of(),
                Optional.empty(),
                assessment.sweep().next(),
                "heights from the zero");
    }

    /** Other values at the same places, such as how much was worn away. */
    public static Picture ofValues(
            String title,
            List<Station> stations,
            double perPlace,
            double[] values,
            Facets facets,
            String called,
            Display display,
            boolean raised) {
        Plate plate = new Plate(
                title, stations, perPlace, values, facets, List.of(), Optional.empty(), Optional.empty(), called);
        return raised ? RaisedDrawing.of(plate, display) : PlateDrawing.of(plate, display);
    }

    /** What a wheel has cleaned: heights above where it stands are clean, what is below is still to go. */
    public static Picture cleaned(
            String title, List<Station> stations, double perPlace, double[] heights, Facets facets, Display display) {
        Plate plate = new Plate(
                title,
                stations,
                perPlace,
                heights,
                facets,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                "heights from where the wheel stands");
        return PlateDrawing.parted(plate, display, "to go", "clean");
    }

    /** Readings to come, with what is put under where. */
    public static Picture packed(
            Subject subject,
            Assessment assessment,
            HeightsReduction heights,
            List<Support> supports,
            Packing packing,
            Display display) {
        List<Station> stations = assessment.sweep().layout().stations();
        List<Plate.Mark> marks = new ArrayList<>();
        for (int i = 0; i < supports.size(); i++) {
            Support support = supports.get(i);
            marks.add(new Plate.Mark(
                    support.x(),
                    support.y(),
                    support.name() + " " + display.signed(packing.lifts().get(i))));
        }
        return PlateDrawing.of(
                new Plate(
                        subject.name() + " as it will be",
                        stations,
                        perPlace(assessment),
                        packing.predicted(),
                        heights.facets(stations),
                        List.of(),
                        Optional.empty(),
                        Optional.empty(),
                        "readings to come (squares: supports, plus is up)",
                        marks),
                display);
    }

    private static double perPlace(Assessment assessment) {
        return assessment.sweep().layout().unit().micrometres().doubleValue() / 1000;
    }
}

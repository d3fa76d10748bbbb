package org.eskarn.app.picture.flat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.HeightsReduction;
import org.eskarn.core.flat.Facets;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.remedy.Packing;
import org.eskarn.core.remedy.Packing.Support;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.zone.ThinnestBand.Contact;

/** The faces that sweeps show. */
public final class PlatePictures {

    private PlatePictures() {}

    /** Of what was computed, with its tilt or without. */
    public static Plate of(Subject subject, Assessment assessment, HeightsReduction heights, boolean levelled) {
        List<Station> stations = assessment.sweep().layout().stations();
        boolean flatness = subject.terms().characteristic() == Characteristic.FLATNESS;
        boolean whole = assessment.sweep().stationsToGo() == 0;
        List<Contact> contacts = flatness && whole ? heights.zone().contacts() : List.of();
        return new Plate(
                subject.name(),
                stations,
                perPlace(assessment),
                levelled ? heights.levelled() : heights.heights(),
                Facets.of(assessment.corrected()),
                contacts,
                levelled || !whole ? Optional.empty() : heights.tilt(),
                assessment.sweep().next(),
                levelled ? Words.say("picture.heights-tilt-taken-out") : Words.say("picture.heights-from-the-zero"));
    }

    /** Of the readings as far as they go, where nothing can be computed yet. */
    public static Plate asRead(Subject subject, Assessment assessment) {
        return new Plate(
                subject.name(),
                assessment.sweep().layout().stations(),
                perPlace(assessment),
                assessment.corrected().micrometres(),
                Facets.of(assessment.corrected()),
                List.of(),
                Optional.empty(),
                assessment.sweep().next(),
                Words.say("picture.heights-from-the-zero"));
    }

    /** What a wheel has cleaned: heights above where it stands are clean, what is below is still to go. */
    public static Picture cleaned(String title, Sweep sweep, Facets facets, double[] heights, Display display) {
        Plate plate = new Plate(
                title,
                sweep.layout().stations(),
                sweep.layout().unit().millimetres(),
                heights,
                facets,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Words.say("picture.heights-from-where-the-wheel-stands"));
        return PlateDrawing.parted(plate, display, Words.say("picture.to-go"), Words.say("picture.clean"));
    }

    /** Readings to come, with what is put under where. */
    public static Picture packed(
            Subject subject, Assessment assessment, List<Support> supports, Packing packing, Display display) {
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
                        Words.say("picture.as-it-will-be", subject.name()),
                        assessment.sweep().layout().stations(),
                        perPlace(assessment),
                        packing.predicted(),
                        Facets.of(assessment.corrected()),
                        List.of(),
                        Optional.empty(),
                        Optional.empty(),
                        Words.say("picture.readings-to-come-squares-supports-plus-is"),
                        marks),
                display);
    }

    private static double perPlace(Assessment assessment) {
        return assessment.sweep().layout().unit().millimetres();
    }
}

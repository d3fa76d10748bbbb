package org.eskarn.app.picture;

import java.util.Optional;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.app.picture.engine.View;
import org.eskarn.app.picture.fit.PairLadder;
import org.eskarn.app.picture.flat.Changes;
import org.eskarn.app.picture.flat.LineDrawing;
import org.eskarn.app.picture.flat.Plate;
import org.eskarn.app.picture.flat.PlateDrawing;
import org.eskarn.app.picture.flat.PlatePictures;
import org.eskarn.app.picture.flat.RaisedDrawing;
import org.eskarn.app.picture.flat.SlopesDrawing;
import org.eskarn.app.picture.round.JournalsDrawing;
import org.eskarn.app.picture.round.PitchDrawing;
import org.eskarn.app.picture.round.RingDrawing;
import org.eskarn.app.picture.round.RoundnessDrawing;
import org.eskarn.app.picture.round.WatchedDrawing;
import org.eskarn.app.picture.size.PinDrawing;
import org.eskarn.app.picture.size.SectionDrawing;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.ConditionsReduction;
import org.eskarn.core.evaluation.FitReduction;
import org.eskarn.core.evaluation.HeightsReduction;
import org.eskarn.core.evaluation.JournalsReduction;
import org.eskarn.core.evaluation.LineReduction;
import org.eskarn.core.evaluation.RoundnessReduction;
import org.eskarn.core.evaluation.SizeReduction;
import org.eskarn.core.evaluation.SlopesReduction;
import org.eskarn.core.evaluation.WatchedReduction;
import org.eskarn.core.reading.LayoutKind;

/** Chooses the picture for a layout. */
public final class Pictures {

    private Pictures() {}

    /**
     * @param readings how single readings are said
     */
    public static Picture of(Subject subject, Assessment assessment, Display readings) {
        return of(subject, assessment, readings, View.AS_READ);
    }

    /** The same as it is looked at. */
    public static Picture of(Subject subject, Assessment assessment, Display readings, View view) {
        if (!subject.terms().basis().conditions().isEmpty()) {
            return assessment
                    .reduction(ConditionsReduction.class)
                    .filter(unused -> whole(assessment))
                    .map(conditions -> (Picture) ConditionsDrawing.of(subject, conditions, readings))
                    .orElseGet(() -> ReadingsDrawing.of(subject, assessment, readings));
        }
        Optional<WatchedReduction> watched = assessment
                .reduction(WatchedReduction.class)
                .filter(turn -> whole(assessment) && turn.worst().highAt().isPresent());
        if (watched.isPresent()) {
            return WatchedDrawing.of(subject, watched.get(), readings);
        }
        return ofReduction(subject, assessment, readings, view)
                .orElseGet(() -> ofLayout(subject, assessment, readings));
    }

    /** Whether a tilt or slope can be taken out of the picture. */
    public static boolean levels(Assessment assessment) {
        return raises(assessment)
                || (whole(assessment)
                        && assessment.reduction(LineReduction.class).isPresent());
    }

    /** Whether the face can be seen raised. */
    public static boolean raises(Assessment assessment) {
        return whole(assessment) && assessment.reduction(HeightsReduction.class).isPresent();
    }

    private static boolean whole(Assessment assessment) {
        return assessment.sweep().stationsToGo() == 0;
    }

    /** The picture that belongs to what was computed, where there is one of its own. */
    private static Optional<Picture> ofReduction(Subject subject, Assessment assessment, Display readings, View view) {
        boolean rings = subject.terms().layout().kind() == LayoutKind.RINGS;
        // While it is being read, the readings as they are say more than what they come to.
        boolean whole = whole(assessment);
        return switch (subject.terms().characteristic().drawing()) {
            case READINGS -> Optional.empty();
            case SECTIONS ->
                assessment
                        .reduction(SizeReduction.class)
                        .filter(sizes -> rings)
                        .map(sizes -> SectionDrawing.of(subject, assessment, sizes, readings));
            case FIT -> assessment.reduction(FitReduction.class).map(fit -> PairLadder.of(subject, fit));
            case PITCH -> Optional.of(PitchDrawing.of(subject, assessment, readings));
            case ROUNDNESS ->
                assessment
                        .reduction(RoundnessReduction.class)
                        .filter(roundness -> whole)
                        .map(roundness -> RoundnessDrawing.of(subject, roundness, readings));
            case JOURNALS -> journals(subject, assessment, readings);
            case FACE ->
                assessment
                        .reduction(HeightsReduction.class)
                        .filter(heights -> onPlane(subject))
                        .map(heights ->
                                face(PlatePictures.of(subject, assessment, heights, view.levelled()), readings, view));
            case LINES ->
                rings
                        ? journals(subject, assessment, readings)
                        : assessment
                                .reduction(LineReduction.class)
                                .filter(line -> whole)
                                .map(line -> LineDrawing.of(
                                        subject, line, assessment.corrected(), readings, view.levelled()));
            case SLOPES ->
                assessment
                        .reduction(SlopesReduction.class)
                        .filter(slopes -> whole)
                        .map(slopes -> SlopesDrawing.of(subject, slopes, readings));
        };
    }

    private static Picture face(Plate plate, Display readings, View view) {
        return view.raised() ? RaisedDrawing.of(plate, readings) : PlateDrawing.of(plate, readings);
    }

    private static Optional<Picture> journals(Subject subject, Assessment assessment, Display readings) {
        return assessment
                .reduction(JournalsReduction.class)
                .filter(journals -> whole(assessment) && several(journals))
                .map(journals -> JournalsDrawing.of(subject, journals, readings));
    }

    private static boolean several(JournalsReduction journals) {
        return journals.journals().stream()
                        .filter(journal -> journal.offset().isPresent())
                        .count()
                > 1;
    }

    private static Picture ofLayout(Subject subject, Assessment assessment, Display readings) {
        return switch (subject.terms().layout().kind()) {
            case RING -> ring(subject, assessment, readings);
            case GRID -> PlateDrawing.of(PlatePictures.asRead(subject, assessment), readings);
            case POINTS ->
                onPlane(subject)
                        ? PlateDrawing.of(PlatePictures.asRead(subject, assessment), readings)
                        : ReadingsDrawing.of(subject, assessment, readings);
            case PINS -> PinDrawing.of(subject, assessment, readings);
            case YES_NO -> AnswersPicture.of(subject, assessment);
            case RINGS, WATCHED, LINE, LINES, STEPS, PAIRS, CYCLES, PUSHES ->
                ReadingsDrawing.of(subject, assessment, readings);
        };
    }

    private static boolean onPlane(Subject subject) {
        return Changes.onPlane(subject.terms().layout().stations());
    }

    private static Picture ring(Subject subject, Assessment assessment, Display readings) {
        // Whole sizes have no eccentric circle to draw; they stand side by side.
        if (subject.terms().characteristic().readsSizes()) {
            return ReadingsDrawing.of(subject, assessment, readings);
        }
        return RingDrawing.of(
                subject.terms(), assessment, readings, subject.name(), subject.seenFrom(), subject.size());
    }
}

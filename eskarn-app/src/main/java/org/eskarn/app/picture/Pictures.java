package org.eskarn.app.picture;

import org.eskarn.app.page.Display;
import org.eskarn.core.reading.LayoutKind;
import org.eskarn.core.reading.Station;
import org.eskarn.core.requirement.Assessment;

/** Chooses the picture for a layout. */
public final class Pictures {

    private Pictures() {}

    /**
     * @param readings how single readings are said
     */
    public static Picture of(Subject subject, Assessment assessment, Display readings) {
        LayoutKind kind = subject.terms().layout().kind();
        return switch (kind) {
            case RING -> ring(subject, assessment, readings);
            case GRID -> PlanDrawing.of(subject, assessment, readings);
            case POINTS ->
                onPlane(subject)
                        ? PlanDrawing.of(subject, assessment, readings)
                        : TraceDrawing.of(subject, assessment, readings);
            case YES_NO -> AnswersPicture.of(subject, assessment);
            case RINGS, LINE, PAIRS, CYCLES -> TraceDrawing.of(subject, assessment, readings);
        };
    }

    private static boolean onPlane(Subject subject) {
        return subject.terms().layout().stations().stream().map(Station::across).allMatch(java.util.Objects::nonNull);
    }

    private static Picture ring(Subject subject, Assessment assessment, Display readings) {
        // Whole sizes and sections of unknown size have no eccentric circle to draw; they stand side by side.
        if (subject.terms().characteristic().readsSizes() || subject.size().isEmpty()) {
            return TraceDrawing.of(subject, assessment, readings);
        }
        return RingDrawing.of(
                subject.terms(),
                assessment,
                readings,
                subject.name(),
                subject.seenFrom(),
                subject.size().get());
    }
}

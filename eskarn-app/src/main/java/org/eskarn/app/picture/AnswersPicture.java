package org.eskarn.app.picture;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.page.Words;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.engine.Subject;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;

/** Questions and their answers, one under the other. */
public record AnswersPicture(String title, List<Line> lines) implements Picture {

    private static final double FIRST = 60;
    private static final double STEP = 52;
    private static final int LONGEST = 62;

    /**
     * @param kind “yes”, “no”, “next” or “open”
     */
    public record Line(double y, String question, String kind) {}

    static AnswersPicture of(Subject subject, Assessment assessment) {
        List<Line> lines = new ArrayList<>();
        List<Reading> readings = assessment.sweep().readings();
        List<Station> stations = assessment.sweep().layout().stations();
        double step = Math.min(STEP, 380.0 / stations.size());
        for (int i = 0; i < stations.size(); i++) {
            String kind = i < readings.size()
                    ? readings.get(i).micrometres() == 1 ? "yes" : "no"
                    : i == readings.size() ? "next" : "open";
            String question = stations.get(i).name();
            lines.add(new Line(
                    FIRST + i * step,
                    question.length() > LONGEST ? question.substring(0, LONGEST - 1) + "…" : question,
                    kind));
        }
        return new AnswersPicture(subject.name(), lines);
    }

    @Override
    public String template() {
        return "answers";
    }

    @Override
    public String scaleLine() {
        return Words.say("picture.every-answer-must-be-yes");
    }
}

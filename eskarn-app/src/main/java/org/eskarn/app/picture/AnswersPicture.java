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
     * @param answer as said; empty where there is none yet
     * @param next whether it is answered next
     */
    public record Line(double y, String question, String answer, boolean no, boolean next) {}

    static AnswersPicture of(Subject subject, Assessment assessment) {
        List<Line> lines = new ArrayList<>();
        List<Reading> readings = assessment.sweep().readings();
        List<Station> stations = assessment.sweep().layout().stations();
        double step = Math.min(STEP, 380.0 / stations.size());
        for (int i = 0; i < stations.size(); i++) {
            boolean answered = i < readings.size();
            boolean yes = answered && readings.get(i).micrometres() == 1;
            String question = stations.get(i).name();
            lines.add(new Line(
                    FIRST + i * step,
                    question.length() > LONGEST ? question.substring(0, LONGEST - 1) + "…" : question,
                    answered ? yes ? Words.say("picture.yes") : Words.say("picture.no") : "",
                    answered && !yes,
                    i == readings.size()));
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

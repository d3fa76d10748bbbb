package org.eskarn.app.calculator;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.DetailsView;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.engine.VerdictRule;
import org.eskarn.core.verdict.Outcome;

/**
 * What a calculator says, in the order it is read.
 *
 * @param cautions before the work, where it can hurt
 * @param above a quiet line over all, as how many readings there are; empty for none
 * @param headline the one thing asked for
 * @param known how well it is known; empty where nobody said
 * @param outcome empty where nothing was judged
 * @param judged what was judged, against what
 * @param decided the rule it was judged by; empty where nothing was judged
 * @param symbol the unit of the rule
 * @param views how the picture can be looked at; none where there is one way
 * @param limits the table that is read first; empty for none
 * @param choices a list to choose from; empty for none
 * @param warnings what must not be missed
 * @param remarks in whole sentences
 * @param governs whose data come first
 * @param taken what a docket takes over of it, as the end of its address; empty where it is read there anew
 * @param more what a template of its own says below all that
 */
public record Answer(
        List<String> cautions,
        String above,
        String headline,
        String known,
        Optional<Outcome> outcome,
        String judged,
        String decided,
        Optional<VerdictRule> rule,
        String symbol,
        Optional<Picture> picture,
        List<String> views,
        List<DetailsView.Table> limits,
        List<Choice> choices,
        List<String> warnings,
        List<DetailsView.Line> figures,
        List<DetailsView.Table> tables,
        List<String> remarks,
        String governs,
        String taken,
        Optional<Shown> more) {

    /**
     * One line of a list to choose from, ready to be shown.
     *
     * @param address where it is told whole
     * @param doubt what speaks against it; empty for nothing
     */
    public record Choice(String code, String address, String range, String kind, String reason, String doubt) {}
}

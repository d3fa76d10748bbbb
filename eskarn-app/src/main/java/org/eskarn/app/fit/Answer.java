package org.eskarn.app.fit;

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
 * @param headline the one thing asked for
 * @param outcome empty where nothing was judged
 * @param judged what was judged, against what
 * @param symbol the unit of the rule
 * @param limits the table that is read first; empty for none
 * @param choices a list to choose from; empty for none
 * @param warnings what must not be missed
 * @param remarks in whole sentences
 * @param governs whose data come first
 */
public record Answer(
        List<String> cautions,
        String headline,
        Optional<Outcome> outcome,
        String judged,
        Optional<VerdictRule> rule,
        String symbol,
        Optional<Picture> picture,
        List<DetailsView.Table> limits,
        List<Choice> choices,
        List<String> warnings,
        List<DetailsView.Line> figures,
        List<DetailsView.Table> tables,
        List<String> remarks,
        String governs) {

    /**
     * One line of a list to choose from, ready to be shown.
     *
     * @param address where it is told whole
     * @param doubt what speaks against it; empty for nothing
     */
    public record Choice(String code, String address, String range, String kind, String reason, String doubt) {}
}

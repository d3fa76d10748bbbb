package org.eskarn.app.docket.history;

import java.util.Optional;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Units;
import org.eskarn.app.picture.engine.VerdictRule;
import org.eskarn.core.evaluation.Judgement;

/**
 * A requirement of a docket as left, and as found where that was another.
 *
 * @param figure with its unit; empty while there is none
 * @param asFound with its verdict, in words; empty where it is the same
 */
record FoundFigure(
        Standing standing, String figure, Optional<VerdictRule> rule, String asFound, Optional<Standing> found) {

    /** While another inspector measures, nothing is told of what the ones before found. */
    static FoundFigure of(SetUp setUp, Units units) {
        if (setUp.blind()) {
            return new FoundFigure(Standing.OPEN, "", Optional.empty(), "", Optional.empty());
        }
        Display display = SetUpDisplay.figures(setUp, units);
        boolean whole = setUp.showsFigure();
        String figure = whole ? display.judged(setUp.verdict()) + " " + display.symbol() : "";
        Optional<Judgement> first =
                setUp.asFound().filter(found -> found.verdict().value() != null);
        String asFound = first.map(found -> display.judged(found.verdict()) + " " + display.symbol())
                .filter(said -> !said.equals(figure))
                .orElse("");
        return new FoundFigure(
                Standing.of(setUp),
                figure,
                whole ? Optional.of(VerdictRule.small(setUp.verdict(), display)) : Optional.empty(),
                asFound,
                asFound.isEmpty()
                        ? Optional.empty()
                        : first.map(found -> Standing.of(found.verdict().outcome())));
    }
}

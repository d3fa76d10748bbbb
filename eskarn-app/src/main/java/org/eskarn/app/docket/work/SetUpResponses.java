package org.eskarn.app.docket.work;

import java.util.Optional;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.Step;
import org.eskarn.app.page.Words;
import org.eskarn.core.gauge.WholeSizeTyped;
import org.eskarn.core.reading.EntryRejected;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Answers a change to a set-up. A page with script gets the part of the page that may have changed, with 422 when the
 * entry was no reading and 409 when somebody was quicker; a page without script is sent back to where it was.
 */
@Component
class SetUpResponses {

    private final DocketPages pages;

    SetUpResponses(DocketPages pages) {
        this.pages = pages;
    }

    /** One change to a set-up. */
    interface Change {
        void make() throws DocketConflict, EntryRejected;
    }

    /** Makes the change and answers; where it is refused the task that was being done stays open. */
    String to(SetUpRequest visit, Change change) {
        try {
            change.make();
            visit.model().addAttribute("typed", "");
        } catch (WholeSizeTyped e) {
            visit.response().setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            visit.model().addAttribute("problem", Words.of(e.note()));
            visit.model().addAttribute("sizeMeant", e.deviation());
        } catch (EntryRejected e) {
            visit.response().setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            visit.model().addAttribute("problem", Words.of(e.note()));
        } catch (DocketConflict e) {
            visit.response().setStatus(HttpStatus.CONFLICT.value());
            visit.model().addAttribute("problem", e.getMessage());
        }
        boolean refused = visit.model().containsAttribute("problem");
        if (!visit.withScript() && !refused) {
            return "redirect:" + visit.path();
        }
        visit.page().setReplaceUrl(visit.path());
        Object task = refused ? visit.model().getAttribute("task") : null;
        return page(visit, task);
    }

    /** The page with a task open on it, and nothing changed. */
    String page(SetUpRequest visit, @org.jspecify.annotations.Nullable Object task) {
        visit.model().addAttribute("task", task);
        Object of = visit.model().getAttribute("taskStep");
        Optional<Step> step =
                task == null ? Optional.empty() : Optional.of(of instanceof Step named ? named : Step.SWEEP);
        pages.fill(visit.model(), pages.docket(visit.number()), visit.position(), step, visit.person());
        return visit.withScript() ? "docket/work :: work" : "docket/docket";
    }
}

package org.eskarn.app.docket.work;

import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxResponse;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.Step;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.Words;
import org.eskarn.core.gauge.WholeSizeTyped;
import org.eskarn.core.reading.EntryRejected;
import org.jspecify.annotations.Nullable;
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
        return to(visit, visit, change);
    }

    /** The same, going on with another requirement of the docket once the change was made. */
    String to(SetUpRequest visit, SetUpRequest onwards, Change change) {
        HtmxResponse page = visit.page();
        return answer(visit, docket -> onwards, onwards == visit ? page::setReplaceUrl : page::setPushUrl, change);
    }

    /** Takes a reading and goes on where the next one belongs: of two that are read at once with the other. */
    String alternating(SetUpRequest visit, Change change) {
        Function<Docket, SetUpRequest> other = docket ->
                visit.at(TwoIndicators.next(docket, docket.at(visit.position()).orElseThrow(NotFound::new))
                        .requirement()
                        .position());
        return answer(visit, other, visit.page()::setReplaceUrl, change);
    }

    private String answer(
            SetUpRequest visit, Function<Docket, SetUpRequest> next, Consumer<String> address, Change change) {
        if (refused(visit, change)) {
            visit.page().setReplaceUrl(visit.path());
            return page(visit, visit.model().getAttribute("task"));
        }
        Docket docket = pages.docket(visit.number());
        SetUpRequest onwards = next.apply(docket);
        if (!visit.withScript()) {
            return "redirect:" + onwards.path();
        }
        address.accept(onwards.path());
        return page(onwards, docket, null);
    }

    /**
     * Makes the change and leaves the task open for the next one of its kind.
     *
     * @param form the attribute with what was typed, which is shown again only where it was refused
     */
    String staying(SetUpRequest visit, Step step, String task, String form, Change change) {
        visit.model().addAttribute("taskStep", step);
        boolean refused = refused(visit, change);
        if (!refused && !visit.withScript()) {
            return "redirect:" + visit.path() + "?step=" + step.path() + "&task=" + task;
        }
        visit.page().setReplaceUrl(visit.path());
        if (!refused) {
            visit.model().addAttribute(form, null);
        }
        return page(visit, task);
    }

    /** The same, going on to where the docket is signed once the change was made. */
    String toSign(SetUpRequest visit, Change change) {
        if (refused(visit, change)) {
            return page(visit, null);
        }
        String address = "/dockets/" + visit.number() + "/sign";
        if (!visit.withScript()) {
            return "redirect:" + address;
        }
        visit.response().setHeader("HX-Redirect", address);
        return "docket/work :: elsewhere";
    }

    private static boolean refused(SetUpRequest visit, Change change) {
        try {
            change.make();
            visit.model().addAttribute("typed", "");
            return false;
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
        return true;
    }

    /** The page with a task open on it, and nothing changed. */
    String page(SetUpRequest visit, @Nullable Object task) {
        return page(visit, pages.docket(visit.number()), task);
    }

    private String page(SetUpRequest visit, Docket docket, @Nullable Object task) {
        visit.model().addAttribute("task", task);
        Object of = visit.model().getAttribute("taskStep");
        Optional<Step> step =
                task == null ? Optional.empty() : Optional.of(of instanceof Step named ? named : Step.SWEEP);
        pages.fill(visit.model(), docket, visit.position(), step, visit.person());
        return visit.withScript() ? "docket/work :: work" : "docket/docket";
    }
}

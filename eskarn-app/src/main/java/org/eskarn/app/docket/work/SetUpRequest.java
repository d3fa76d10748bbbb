package org.eskarn.app.docket.work;

import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxRequest;
import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxResponse;
import jakarta.servlet.http.HttpServletResponse;
import org.eskarn.app.account.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;

/** Who asks for a change to a set-up, about which, and where the answer goes. */
record SetUpRequest(
        int number,
        int position,
        SignedIn person,
        HtmxRequest request,
        HtmxResponse page,
        HttpServletResponse response,
        Model model) {

    boolean withScript() {
        return request.isHtmxRequest();
    }

    /** The same at another requirement of the docket. */
    SetUpRequest at(int other) {
        return new SetUpRequest(number, other, person, request, page, response, model);
    }

    String path() {
        return "/dockets/" + number + "/" + position;
    }

    long by() {
        return person.id();
    }

    /** Hands each request about a set-up its visit. */
    @ControllerAdvice(assignableTypes = SetUpActions.class)
    static class Advice {

        @ModelAttribute("visit")
        SetUpRequest visit(
                @PathVariable int number,
                @PathVariable int position,
                @AuthenticationPrincipal SignedIn person,
                HtmxRequest request,
                HtmxResponse page,
                HttpServletResponse response,
                Model model) {
            return new SetUpRequest(number, position, person, request, page, response, model);
        }
    }
}

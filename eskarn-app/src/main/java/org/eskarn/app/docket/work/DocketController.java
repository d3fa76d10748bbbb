package org.eskarn.app.docket.work;

import java.util.Optional;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.picture.engine.View;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Shows a docket; a signed one is shown by the ledger. */
@Controller
@RequestMapping("/dockets/{number}")
class DocketController {

    private final DocketPages pages;

    DocketController(DocketPages pages) {
        this.pages = pages;
    }

    @GetMapping
    String next(@PathVariable int number) {
        Docket docket = pages.docket(number);
        return docket.signed()
                ? "redirect:/ledger/" + number
                : "redirect:/dockets/" + number + "/"
                        + docket.next().requirement().position();
    }

    @GetMapping("/{position}")
    String show(
            @PathVariable int number,
            @PathVariable int position,
            @RequestParam(required = false) @Nullable String step,
            @RequestParam(required = false) @Nullable String task,
            @RequestParam(defaultValue = "AS_READ") View view,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        Docket docket = pages.docket(number);
        if (docket.signed()) {
            return "redirect:/ledger/" + number;
        }
        pages.fill(model, docket, position, Optional.ofNullable(step).flatMap(DocketPages::step), view, person);
        model.addAttribute("task", task);
        return "docket/docket";
    }
}

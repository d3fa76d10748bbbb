package org.eskarn.app.docket.opening;

import java.util.Map;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.NotFound;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Opens a docket that takes the place of a signed one. */
@Controller
@RequestMapping("/dockets/{number:[0-9]+}/supersede")
class SupersedeController {

    private final SupersedeService superseding;
    private final DocketService dockets;

    SupersedeController(SupersedeService superseding, DocketService dockets) {
        this.superseding = superseding;
        this.dockets = dockets;
    }

    @GetMapping
    String show(@PathVariable int number, Model model) {
        return page(number, "", Map.of(), model);
    }

    private String page(int number, String reason, Map<String, String> problems, Model model) {
        Docket docket = dockets.find(number).orElseThrow(NotFound::new);
        if (!docket.signed()) {
            throw new NotFound();
        }
        model.addAttribute("place", "ledger");
        model.addAttribute("docket", docket);
        model.addAttribute("reason", reason);
        model.addAttribute("problems", problems);
        return "docket/supersede";
    }

    @PostMapping
    String open(
            @PathVariable int number,
            @RequestParam(defaultValue = "") String reason,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        try {
            return "redirect:/dockets/" + superseding.open(number, reason, person.id());
        } catch (FormRefused e) {
            return page(number, reason, e.problems(), model);
        } catch (DocketConflict e) {
            return page(number, reason, Map.of("reason", String.valueOf(e.getMessage())), model);
        }
    }
}

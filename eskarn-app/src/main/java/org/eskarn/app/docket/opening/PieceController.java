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

/** Names the piece of a quick check before it is signed. */
@Controller
@RequestMapping("/dockets/{number}/piece")
class PieceController {

    private final QuickCheckService quick;
    private final DocketService dockets;

    PieceController(QuickCheckService quick, DocketService dockets) {
        this.quick = quick;
        this.dockets = dockets;
    }

    @GetMapping
    String show(@PathVariable int number, Model model) {
        return page(number, "", Map.of(), model);
    }

    @PostMapping
    String name(
            @PathVariable int number,
            @RequestParam(defaultValue = "") String piece,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        open(number);
        try {
            quick.name(number, piece, person.id());
            return "redirect:/dockets/" + number;
        } catch (FormRefused e) {
            return page(number, piece, e.problems(), model);
        } catch (DocketConflict e) {
            return page(number, piece, Map.of("piece", String.valueOf(e.getMessage())), model);
        }
    }

    private Docket open(int number) {
        return dockets.find(number)
                .filter(docket -> docket.part().quick() && !docket.signed())
                .orElseThrow(NotFound::new);
    }

    private String page(int number, String piece, Map<String, String> problems, Model model) {
        model.addAttribute("place", "bench");
        model.addAttribute("docket", open(number));
        model.addAttribute("piece", piece);
        model.addAttribute("problems", problems);
        return "docket/piece";
    }
}

package org.eskarn.app.docket.pieces;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.part.Part;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.app.part.PartService;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Pieces side by side. */
@Controller
@RequestMapping("/parts/{id}/pieces")
class PiecesController {

    private final PiecesService pieces;
    private final PartService parts;
    private final AccountService accounts;

    PiecesController(PiecesService pieces, PartService parts, AccountService accounts) {
        this.pieces = pieces;
        this.parts = parts;
        this.accounts = accounts;
    }

    /** A cause and who looked at it, if anybody. */
    record CauseLine(PieceCause cause, Optional<CauseLookedAt> looked) {}

    @GetMapping
    String show(
            @PathVariable long id,
            @RequestParam(defaultValue = "0") int requirement,
            @RequestParam(defaultValue = "") String from,
            @RequestParam(defaultValue = "") String to,
            @RequestParam(defaultValue = "worst") String order,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        Part part = parts.part(id).orElseThrow(NotFound::new);
        List<PartRequirement> requirements = parts.requirements(id);
        List<Piece> shown = pieces.pieces(id, from.strip(), to.strip());
        PiecesPage page =
                PiecesPage.of(shown, requirements, requirement, order.equals("serial"), accounts.units(person.id()));
        model.addAttribute("place", "parts");
        model.addAttribute("part", part);
        model.addAttribute("page", page);
        model.addAttribute("from", from.strip());
        model.addAttribute("to", to.strip());
        model.addAttribute("order", order.equals("serial") ? "serial" : "worst");
        model.addAttribute(
                "most",
                shown.stream().mapToInt(each -> each.dockets().size()).sum() == PiecesService.MOST
                        ? PiecesService.MOST
                        : 0);
        model.addAttribute("mayWork", person.role().inspects());
        model.addAttribute("mayOpen", person.role().drafts());
        requirements.stream()
                .filter(each -> each.position() == page.shown())
                .findFirst()
                .ifPresent(each -> model.addAttribute("causes", causes(each)));
        return "docket/pieces";
    }

    private List<CauseLine> causes(PartRequirement shown) {
        List<CauseLookedAt> looked = pieces.causes(shown.id());
        return Arrays.stream(PieceCause.values())
                .map(cause -> new CauseLine(
                        cause,
                        looked.stream().filter(each -> each.cause() == cause).findFirst()))
                .toList();
    }

    @PostMapping("/causes")
    String lookAt(
            @PathVariable long id,
            @RequestParam int requirement,
            @RequestParam PieceCause cause,
            @RequestParam boolean looked,
            @RequestParam(defaultValue = "") String from,
            @RequestParam(defaultValue = "") String to,
            @RequestParam(defaultValue = "worst") String order,
            @AuthenticationPrincipal SignedIn person,
            RedirectAttributes again) {
        try {
            pieces.lookAt(id, requirement, cause, looked, person.id());
        } catch (DuplicateKeyException e) {
            // Somebody ticked the same in the same moment: it is ticked.
        }
        again.addAttribute("requirement", requirement);
        again.addAttribute("from", from);
        again.addAttribute("to", to);
        again.addAttribute("order", order);
        return "redirect:/parts/" + id + "/pieces";
    }
}

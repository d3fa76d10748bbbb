package org.eskarn.app.ledger;

import org.eskarn.app.account.AccountService;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketPage;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.docket.VerdictWords;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.VerdictRule;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** The page on which a docket is signed. The signer types their password once more, as one signs by hand. */
@Controller
@RequestMapping("/dockets/{number}/sign")
class SignController {

    private final LedgerService ledger;
    private final DocketService dockets;
    private final AccountService accounts;

    SignController(LedgerService ledger, DocketService dockets, AccountService accounts) {
        this.ledger = ledger;
        this.dockets = dockets;
        this.accounts = accounts;
    }

    @GetMapping
    String show(@PathVariable int number, Model model) {
        Docket docket = dockets.find(number).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        if (docket.row().signed()) {
            return "redirect:/ledger/" + number;
        }
        if (!docket.settled()) {
            return "redirect:/dockets/" + number;
        }
        return page(docket, "", model);
    }

    @PostMapping
    String sign(
            @PathVariable int number,
            @RequestParam String seen,
            @RequestParam String remark,
            @RequestParam String password,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        try {
            if (!accounts.confirms(person.account(), password)) {
                throw new SigningRefused("password", "That is not your password: type the one you signed in with.");
            }
            ledger.sign(number, seen, remark, person.account());
            return "redirect:/ledger/" + number;
        } catch (SigningRefused refused) {
            model.addAttribute("refusedField", refused.field());
            model.addAttribute("refusal", refused.getMessage());
        } catch (DocketConflict conflict) {
            model.addAttribute("refusedField", "docket");
            model.addAttribute("refusal", conflict.getMessage());
        }
        return page(dockets.find(number).orElseThrow(), remark, model);
    }

    /** One requirement of the docket to be signed. */
    record Line(SetUp setUp, Display display, Standing standing, VerdictRule rule, VerdictWords words) {

        static Line of(SetUp setUp) {
            Display display = DocketPage.figures(setUp);
            return new Line(
                    setUp,
                    display,
                    Standing.of(setUp),
                    VerdictRule.small(setUp.verdict(), display),
                    VerdictWords.of(setUp, display));
        }
    }

    private String page(Docket docket, String remark, Model model) {
        model.addAttribute("place", "docket");
        model.addAttribute("docket", docket);
        model.addAttribute("lines", docket.setUps().stream().map(Line::of).toList());
        model.addAttribute("outcome", Standing.of(docket.outcome()));
        model.addAttribute("seen", ledger.contentSeal(docket));
        model.addAttribute("remark", remark);
        return "ledger/sign";
    }
}

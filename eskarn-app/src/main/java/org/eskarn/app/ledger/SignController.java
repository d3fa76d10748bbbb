package org.eskarn.app.ledger;

import org.eskarn.app.account.SignedIn;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.docket.VerdictWords;
import org.eskarn.app.ledger.LedgerService.ToSign;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.picture.engine.VerdictRule;
import org.eskarn.app.signin.OwnPassword;
import org.eskarn.app.signin.PasswordRefused;
import org.eskarn.core.verdict.Outcome;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * The pages on which a docket is signed: first the remark, then the signer's password once more, as one signs by hand. The
 * password has a page of its own, so that one typed blindly lands in no other field.
 */
@Controller
@RequestMapping("/dockets/{number}/sign")
class SignController {

    private final LedgerService ledger;
    private final DocketService dockets;
    private final OwnPassword ownPassword;

    SignController(LedgerService ledger, DocketService dockets, OwnPassword ownPassword) {
        this.ledger = ledger;
        this.dockets = dockets;
        this.ownPassword = ownPassword;
    }

    @GetMapping
    String show(@PathVariable int number, Model model) {
        Docket docket = docket(number);
        if (docket.signed()) {
            return "redirect:/ledger/" + number;
        }
        if (!docket.settled()) {
            return "redirect:/dockets/" + number;
        }
        return page(docket, "remark", "", model);
    }

    private Docket docket(int number) {
        return dockets.find(number).orElseThrow(NotFound::new);
    }

    /** The remark is done; the password comes next. */
    @PostMapping("/remark")
    String remark(
            @PathVariable int number,
            @RequestParam(defaultValue = "") String remark,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        Docket docket = docket(number);
        if (docket.signed() || !docket.settled()) {
            return "redirect:/dockets/" + number;
        }
        try {
            return page(docket, "password", ledger.remark(docket, remark, person.account()), model);
        } catch (SigningRefused refused) {
            return refused(docket, refused, remark, model);
        }
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
            ownPassword.confirm(person.account(), password);
            ledger.sign(number, seen, remark, person.account());
            return "redirect:/ledger/" + number;
        } catch (PasswordRefused refused) {
            model.addAttribute("refusedField", "password");
            model.addAttribute("refusal", refused.getMessage());
            return page(docket(number), "password", remark, model);
        } catch (SigningRefused refused) {
            return refused(docket(number), refused, remark, model);
        } catch (DocketConflict conflict) {
            return refused(
                    docket(number), new SigningRefused("docket", String.valueOf(conflict.getMessage())), remark, model);
        }
    }

    /** A password that was typed as a remark is not shown again. */
    private String refused(Docket docket, SigningRefused refused, String remark, Model model) {
        model.addAttribute("refusedField", refused.field());
        model.addAttribute("refusal", refused.getMessage());
        return page(docket, "remark", refused.secret() ? "" : remark, model);
    }

    /** One requirement of the docket to be signed. */
    record Line(SetUp setUp, Display display, Standing standing, VerdictRule rule, VerdictWords words) {

        static Line of(SetUp setUp) {
            Display display = SetUpDisplay.figures(setUp);
            return new Line(
                    setUp,
                    display,
                    Standing.of(setUp),
                    VerdictRule.small(setUp.verdict(), display),
                    VerdictWords.of(setUp, display));
        }
    }

    private String page(Docket docket, String stage, String remark, Model model) {
        Outcome outcome = docket.outcome();
        model.addAttribute("place", "docket");
        model.addAttribute("docket", docket);
        model.addAttribute("lines", docket.setUps().stream().map(Line::of).toList());
        model.addAttribute("outcome", Standing.of(outcome));
        model.addAttribute("unproven", outcome == Outcome.NOT_PROVEN);
        boolean passes = outcome == Outcome.PASS || outcome == Outcome.RECORDED;
        String before = LedgerService.titles(docket.measuredBeforeWork());
        model.addAttribute("passes", passes);
        model.addAttribute("before", before);
        ToSign toSign = ledger.toSign(docket);
        model.addAttribute(
                "remarkNeeded",
                !passes || !before.isEmpty() || !toSign.questions().isEmpty());
        model.addAttribute("questions", toSign.questions());
        model.addAttribute("seen", toSign.hash());
        model.addAttribute("certificate", toSign.certificate());
        model.addAttribute("stage", stage);
        model.addAttribute("remark", remark);
        return "ledger/sign";
    }
}

package org.eskarn.app.ledger;

import org.eskarn.app.docket.TraceService;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;

/** The record of signed dockets. */
@Controller
class LedgerController {

    private final LedgerService ledger;
    private final TraceService tracing;

    LedgerController(LedgerService ledger, TraceService tracing) {
        this.ledger = ledger;
        this.tracing = tracing;
    }

    @GetMapping("/ledger")
    String list(Model model) {
        model.addAttribute("place", "ledger");
        model.addAttribute("entries", ledger.all());
        return "ledger/ledger";
    }

    @GetMapping("/ledger/{number}")
    String sheet(@PathVariable int number, Model model) {
        model.addAttribute("place", "ledger");
        model.addAttribute(
                "entry", ledger.find(number).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND)));
        model.addAttribute("questions", tracing.questionsOf(number));
        return "ledger/sheet";
    }
}

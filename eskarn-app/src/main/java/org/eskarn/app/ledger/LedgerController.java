package org.eskarn.app.ledger;

import java.io.IOException;
import java.nio.file.Files;
import org.eskarn.app.ledger.LedgerReading.Seen;
import org.eskarn.app.trust.TraceService;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** The record of signed dockets. */
@Controller
@RequestMapping("/ledger")
class LedgerController {

    private final LedgerReading ledger;
    private final CheckRun run;
    private final TraceService tracing;

    LedgerController(LedgerReading ledger, CheckRun run, TraceService tracing) {
        this.ledger = ledger;
        this.run = run;
        this.tracing = tracing;
    }

    @GetMapping
    String list(@RequestParam(defaultValue = "0") int from, Model model) {
        model.addAttribute("place", "ledger");
        model.addAttribute("page", ledger.page(Math.max(0, from)));
        model.addAttribute("checks", ledger.checks());
        return "ledger/ledger";
    }

    /** Checks every document in the background. */
    @PostMapping("/check")
    String check() {
        run.begin();
        return "redirect:/ledger";
    }

    /** How far the check has come; asked for again while it runs. */
    @GetMapping("/check")
    String progress(Model model) {
        model.addAttribute("checks", ledger.checks());
        return "ledger/ledger :: checks";
    }

    @GetMapping("/{number}")
    String sheet(@PathVariable int number, Model model) {
        model.addAttribute("place", "ledger");
        Seen seen = ledger.sheet(number).orElseThrow(LedgerController::notFound);
        if (seen.sheet().isEmpty()) {
            model.addAttribute("number", number);
            model.addAttribute("seen", seen);
            return "ledger/not-shown";
        }
        model.addAttribute("sheet", seen.sheet().get());
        model.addAttribute("questions", tracing.questionsOf(number));
        return "ledger/sheet";
    }

    @GetMapping("/{number}/document")
    ResponseEntity<String> document(@PathVariable int number) {
        return file(
                ledger.envelope(number).orElseThrow(LedgerController::notFound),
                MediaType.APPLICATION_JSON,
                "docket-" + number + ".json");
    }

    /** The heads file as it stands, to be kept elsewhere. */
    @GetMapping("/heads")
    ResponseEntity<String> heads() throws IOException {
        String heads = Files.exists(ledger.heads()) ? Files.readString(ledger.heads()) : "";
        return file(heads, MediaType.TEXT_PLAIN, "eskarn-heads.txt");
    }

    /** What a document is made of, for other programs. */
    @GetMapping("/schema")
    ResponseEntity<Resource> schema() {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .body(new ClassPathResource("eskarn-docket-1.schema.json", LedgerController.class));
    }

    private static ResponseEntity<String> file(String text, MediaType type, String name) {
        return ResponseEntity.ok()
                .contentType(new MediaType(type, java.nio.charset.StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(text);
    }

    private static ResponseStatusException notFound() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}

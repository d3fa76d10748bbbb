package org.eskarn.app.ledger;

import java.io.IOException;
import java.nio.file.Files;
import java.time.Clock;
import java.util.List;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.ledger.LedgerReading.Seen;
import org.eskarn.app.page.FormRefused;
import org.eskarn.core.verdict.Outcome;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
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
    private final SinceSigning since;
    private final SavedViews views;
    private final Clock clock;

    LedgerController(LedgerReading ledger, CheckRun run, SinceSigning since, SavedViews views, Clock clock) {
        this.views = views;
        this.ledger = ledger;
        this.run = run;
        this.since = since;
        this.clock = clock;
    }

    /** @param at the first shown, counted from 0 of the newest */
    @GetMapping
    String list(
            @RequestParam(name = "from", defaultValue = "0") int at,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "") String verdict,
            @RequestParam(defaultValue = "") String since,
            @RequestParam(defaultValue = "") String until,
            @RequestParam(defaultValue = "false") boolean exceptions,
            @RequestParam(defaultValue = "false") boolean questioned,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        return list(
                new LedgerQuery(find.strip(), verdict, since.strip(), until.strip(), exceptions, questioned),
                at,
                person,
                model);
    }

    private String list(LedgerQuery query, int at, SignedIn person, Model model) {
        model.addAttribute("views", views.of(person.id()));
        model.addAttribute("place", "ledger");
        model.addAttribute("query", query);
        model.addAttribute("verdicts", List.of(Outcome.values()));
        model.addAttribute("notYet", query.asks() ? ledger.notFoundYet() : 0);
        model.addAttribute("page", ledger.page(query, Math.max(0, at), clock.getZone()));
        model.addAttribute("checks", ledger.checks());
        return "ledger/ledger";
    }

    /** Keeps what is looked for under a name; everybody has views of their own. */
    @PostMapping("/views")
    String saveView(
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "") String verdict,
            @RequestParam(defaultValue = "") String since,
            @RequestParam(defaultValue = "") String until,
            @RequestParam(defaultValue = "false") boolean exceptions,
            @RequestParam(defaultValue = "false") boolean questioned,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        LedgerQuery query =
                new LedgerQuery(find.strip(), verdict, since.strip(), until.strip(), exceptions, questioned);
        try {
            views.save(person.id(), name, query);
        } catch (FormRefused e) {
            model.addAttribute("viewProblem", e.getMessage());
        }
        return list(query, 0, person, model);
    }

    @PostMapping("/views/{id}/remove")
    String removeView(@PathVariable long id, @AuthenticationPrincipal SignedIn person) {
        views.remove(person.id(), id);
        return "redirect:/ledger";
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
    String sheet(@PathVariable int number, @AuthenticationPrincipal SignedIn person, Model model) {
        model.addAttribute("place", "ledger");
        Seen seen = ledger.sheet(number).orElseThrow(LedgerController::notFound);
        if (seen.sheet().isEmpty()) {
            model.addAttribute("number", number);
            model.addAttribute("seen", seen);
            return "ledger/not-shown";
        }
        model.addAttribute("sheet", seen.sheet().get());
        model.addAttribute("since", since.of(number));
        model.addAttribute("maySupersede", person.role().inspects());
        model.addAttribute("onScreen", true);
        model.addAttribute("certified", seen.sheet().get().document().certificate() != null);
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

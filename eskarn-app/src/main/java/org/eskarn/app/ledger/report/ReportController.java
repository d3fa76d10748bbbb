package org.eskarn.app.ledger.report;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.ledger.SignedPiece;
import org.eskarn.app.ledger.SignedPieces;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.Part;
import org.eskarn.app.part.PartService;
import org.springframework.http.HttpHeaders;
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
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Chooses a report, and shows how far it is. */
@Controller
@RequestMapping("/reports")
class ReportController {

    private final Reports reports;
    private final ReportJobs jobs;
    private final SignedPieces pieces;
    private final PartService parts;

    ReportController(Reports reports, ReportJobs jobs, SignedPieces pieces, PartService parts) {
        this.reports = reports;
        this.jobs = jobs;
        this.pieces = pieces;
        this.parts = parts;
    }

    @GetMapping("/part/{id}")
    String choose(@PathVariable long id, Model model) {
        return page(id, "", "", "", model);
    }

    private String page(long id, String from, String to, String problem, Model model) {
        Part part = parts.part(id).orElseThrow(NotFound::new);
        model.addAttribute("place", "parts");
        model.addAttribute("part", part);
        model.addAttribute("pieces", pieces.latest(id));
        model.addAttribute("most", SignedPieces.MOST);
        model.addAttribute("from", from);
        model.addAttribute("to", to);
        model.addAttribute("problem", problem);
        return "report/choose";
    }

    @PostMapping("/part/{id}/first-article")
    String firstArticle(
            @PathVariable long id, @RequestParam int docket, @AuthenticationPrincipal SignedIn person, Model model) {
        Part part = parts.part(id).orElseThrow(NotFound::new);
        SignedPiece piece = pieces.latest(id).stream()
                .filter(each -> each.docket() == docket)
                .findFirst()
                .orElseThrow(NotFound::new);
        String base = base();
        return begun(
                jobs.begin(
                        person.id(),
                        Words.say("ledger.first-article-of", part.title(), part.number(), piece.serial()),
                        "first-article-" + docket,
                        progress -> reports.firstArticle(docket, base, progress)),
                id,
                "",
                "",
                model);
    }

    @PostMapping("/part/{id}/batch")
    String batch(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String from,
            @RequestParam(defaultValue = "") String to,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        Part part = parts.part(id).orElseThrow(NotFound::new);
        List<Integer> dockets = pieces.between(id, from.strip(), to.strip()).stream()
                .map(SignedPiece::docket)
                .toList();
        if (dockets.isEmpty()) {
            return page(id, from, to, Words.say("ledger.no-signed-docket-of-these"), model);
        }
        if (dockets.size() > SignedPieces.MOST) {
            return page(id, from, to, Words.say("ledger.narrow-the-serials", dockets.size(), SignedPieces.MOST), model);
        }
        String base = base();
        return begun(
                jobs.begin(
                        person.id(),
                        Words.say("ledger.batch-of", part.title(), part.number(), dockets.size()),
                        "batch-" + part.drawingNumber().replaceAll("[^A-Za-z0-9-]", "_"),
                        progress -> reports.batch(dockets, base, progress)),
                id,
                from,
                to,
                model);
    }

    private String begun(Optional<String> job, long part, String from, String to, Model model) {
        return job.map(id -> "redirect:/reports/" + id)
                .orElseGet(() -> page(
                        part, from, to, Words.say("ledger.wait-for-your-reports", ReportJobs.MOST_WAITING), model));
    }

    private static String base() {
        return ServletUriComponentsBuilder.fromCurrentContextPath().toUriString();
    }

    @GetMapping("/{id:[0-9a-f-]+}")
    String progress(@PathVariable String id, @AuthenticationPrincipal SignedIn person, Model model) {
        model.addAttribute("place", "parts");
        model.addAttribute("id", id);
        model.addAttribute("state", jobs.state(id, person.id()).orElseThrow(NotFound::new));
        return "report/progress";
    }

    @GetMapping("/{id:[0-9a-f-]+}/progress")
    String bar(@PathVariable String id, @AuthenticationPrincipal SignedIn person, Model model) {
        progress(id, person, model);
        return "report/progress :: bar";
    }

    @GetMapping("/{id:[0-9a-f-]+}.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable String id, @AuthenticationPrincipal SignedIn person) {
        byte[] pdf = jobs.pdf(id, person.id()).orElseThrow(NotFound::new);
        String file = jobs.state(id, person.id()).orElseThrow(NotFound::new).file();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + file + ".pdf\"")
                .body(pdf);
    }
}

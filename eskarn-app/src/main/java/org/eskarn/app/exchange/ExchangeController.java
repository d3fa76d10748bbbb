package org.eskarn.app.exchange;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.ledger.export.CsvTable;
import org.eskarn.app.page.Words;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Open files of parts, gauges and calibrations. */
@Controller
@RequestMapping("/exchange")
class ExchangeController {

    private static final int MOST_SHOWN = 100;
    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private final ExchangeService exchange;
    private final PendingFiles pending;

    ExchangeController(ExchangeService exchange, PendingFiles pending) {
        this.exchange = exchange;
        this.pending = pending;
    }

    @GetMapping("/{kind:[a-z]+}.csv")
    void csv(@PathVariable String kind, HttpServletResponse response) throws IOException {
        Exchanged exchanged = exchange.kind(kind);
        response.setContentType("text/csv;charset=UTF-8");
        response.setHeader("Content-Disposition", "attachment; filename=\"eskarn-" + kind + ".csv\"");
        try (CsvTable table = new CsvTable(response.getOutputStream())) {
            table.row(exchanged.columns());
            for (Map<String, String> row : exchanged.rows()) {
                table.row(exchanged.columns().stream()
                        .map(column -> row.getOrDefault(column, ""))
                        .toList());
            }
            table.end();
        }
    }

    @GetMapping("/{kind:[a-z]+}.json")
    void json(@PathVariable String kind, HttpServletResponse response) throws IOException {
        Exchanged exchanged = exchange.kind(kind);
        response.setContentType(MediaType.APPLICATION_JSON_VALUE);
        response.setHeader("Content-Disposition", "attachment; filename=\"eskarn-" + kind + ".json\"");
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("schema", "eskarn-" + kind + "/1");
        all.put("rows", exchanged.rows());
        response.getOutputStream().write(JSON.writeValueAsBytes(all));
    }

    @GetMapping("/{kind:[a-z]+}")
    String show(@PathVariable String kind, @AuthenticationPrincipal SignedIn person, Model model) {
        return page(kind, List.of(), person, model);
    }

    private String page(String kind, List<LineProblem> problems, SignedIn person, Model model) {
        Exchanged exchanged = exchange.kind(kind);
        boolean ofParts = kind.equals("parts");
        model.addAttribute("place", ofParts ? "parts" : "gauges");
        model.addAttribute("sort", kind);
        model.addAttribute(
                "heading",
                switch (kind) {
                    case "parts" -> Words.say("exchange.parts-as-files");
                    case "gauges" -> Words.say("exchange.gauges-as-files");
                    default -> Words.say("exchange.calibrations-as-files");
                });
        model.addAttribute("columns", exchanged.columns());
        model.addAttribute("needed", exchanged.needed());
        model.addAttribute(
                "mayWrite", ofParts ? person.role().drafts() : person.role().keeps());
        model.addAttribute("problems", problems.stream().limit(MOST_SHOWN).toList());
        model.addAttribute("more", Math.max(0, problems.size() - MOST_SHOWN));
        return "exchange/exchange";
    }

    /** Says what is in a file and what is wrong with it; nothing is written. */
    @PostMapping(path = "/{kind:[a-z]+}/look", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    String look(
            @PathVariable String kind,
            @RequestParam MultipartFile file,
            @AuthenticationPrincipal SignedIn person,
            Model model)
            throws IOException {
        try {
            FileTable table = exchange.read(kind, file.getBytes());
            ExchangeService.Outcome outcome = exchange.look(kind, table, person.id());
            if (outcome.problems().isEmpty()) {
                model.addAttribute("ready", pending.keep(person.id(), kind, table));
                model.addAttribute("said", outcome.said());
            }
            return page(kind, outcome.problems(), person, model);
        } catch (ImportRefused e) {
            return page(kind, e.problems(), person, model);
        }
    }

    @PostMapping("/{kind:[a-z]+}/take")
    String take(
            @PathVariable String kind,
            @RequestParam String ready,
            @AuthenticationPrincipal SignedIn person,
            Model model) {
        Optional<FileTable> table = pending.take(ready, person.id(), kind);
        if (table.isEmpty()) {
            return page(kind, List.of(new LineProblem(0, Words.say("exchange.choose-it-again"))), person, model);
        }
        ExchangeService.Outcome outcome = exchange.take(kind, table.get(), person.id());
        if (!outcome.problems().isEmpty()) {
            return page(kind, outcome.problems(), person, model);
        }
        return kind.equals("parts") ? "redirect:/parts" : "redirect:/gauges";
    }
}

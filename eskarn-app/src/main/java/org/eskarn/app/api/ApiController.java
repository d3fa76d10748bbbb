package org.eskarn.app.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.List;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.api.ApiViews.DocketView;
import org.eskarn.app.api.ApiViews.GaugeView;
import org.eskarn.app.api.ApiViews.Page;
import org.eskarn.app.api.ApiViews.PartView;
import org.eskarn.app.api.ApiViews.RequirementView;
import org.eskarn.app.api.ApiViews.SetUpView;
import org.eskarn.app.api.ApiViews.SignedView;
import org.eskarn.app.api.ApiViews.SweepView;
import org.eskarn.app.api.ApiViews.WholeDocket;
import org.eskarn.app.api.ApiViews.WholePart;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.Purpose;
import org.eskarn.app.docket.ReadingSource;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.opening.OpeningService;
import org.eskarn.app.docket.opening.OpeningService.OpeningForm;
import org.eskarn.app.docket.work.ReadingService;
import org.eskarn.app.docket.work.TypedReading;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.ledger.LedgerReading;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.PartService;
import org.eskarn.core.reading.EntryRejected;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** For other programs. */
@RestController
@RequestMapping(path = "/api/v1", produces = MediaType.APPLICATION_JSON_VALUE)
class ApiController {

    private static final int ON_A_PAGE = 50;
    private static final int LONGEST_KEY = 60;

    private final PartService parts;
    private final GaugeService gauges;
    private final DocketService dockets;
    private final OpeningService opening;
    private final ReadingService readings;
    private final LedgerReading ledger;

    ApiController(
            PartService parts,
            GaugeService gauges,
            DocketService dockets,
            OpeningService opening,
            ReadingService readings,
            LedgerReading ledger) {
        this.parts = parts;
        this.gauges = gauges;
        this.dockets = dockets;
        this.opening = opening;
        this.readings = readings;
        this.ledger = ledger;
    }

    @GetMapping("/parts")
    Page<PartView> parts(@RequestParam(defaultValue = "0") int from) {
        return Page.of(
                parts.all().stream()
                        .filter(part -> !part.quick())
                        .map(PartView::of)
                        .toList(),
                from,
                ON_A_PAGE);
    }

    @GetMapping("/parts/{id}")
    WholePart part(@PathVariable long id) {
        return new WholePart(
                PartView.of(parts.part(id).orElseThrow(NotFound::new)),
                parts.requirements(id).stream().map(RequirementView::of).toList());
    }

    @GetMapping("/gauges")
    Page<GaugeView> gauges(@RequestParam(defaultValue = "0") int from) {
        return Page.of(
                gauges.all().stream()
                        .map(gauge -> new GaugeView(
                                gauge.id(),
                                gauge.mark(),
                                gauge.name(),
                                gauge.kind().name(),
                                gauge.status().name(),
                                gauge.nextDue()))
                        .toList(),
                from,
                ON_A_PAGE);
    }

    /** Those in hand, by the day they are due. */
    @GetMapping("/dockets")
    Page<DocketView> dockets(@RequestParam(defaultValue = "0") int from) {
        return Page.of(
                dockets.due().stream()
                        .map(due -> new DocketView(due.number(), due.part(), due.serial(), due.due()))
                        .toList(),
                from,
                ON_A_PAGE);
    }

    /**
     * What is to be opened, as on the page.
     *
     * @param serials one, several with commas, or a range such as VB-0411..VB-0418
     * @param purpose FIRST_OFF, FINAL, INCOMING, IN_SERVICE or GAUGE_CHECK
     * @param due the day, as 2027-03-31
     * @param gauge for a gauge check
     * @param another whether a piece that is in an open docket gets another
     * @param key made by the sender: what is sent twice is opened once
     */
    record SentOpening(
            @Nullable Long part,
            @Nullable String serials,
            @Nullable Purpose purpose,
            @Nullable String due,
            @Nullable String askedBy,
            @Nullable Long gauge,
            @Nullable Boolean another,
            @Nullable String key) {}

    /** @param numbers one for each piece */
    record Opened(List<Integer> numbers) {}

    /** Opens dockets as the page does. */
    @PostMapping("/dockets")
    @ResponseStatus(HttpStatus.CREATED)
    Opened open(@RequestBody SentOpening sent, @AuthenticationPrincipal SignedIn person) throws FormRefused {
        if (sent.key() == null || sent.key().isBlank()) {
            throw new FormRefused("key", Words.say("api.an-opening-has-a-key"));
        }
        long part = sent.part() == null ? 0 : sent.part();
        if (parts.part(part).isEmpty()) {
            throw new FormRefused("part", Words.say("api.no-such-part"));
        }
        return new Opened(opening.open(
                part,
                new OpeningForm(
                        sent.serials(),
                        sent.purpose(),
                        sent.due(),
                        sent.askedBy(),
                        sent.gauge(),
                        sent.key(),
                        sent.another()),
                person.id()));
    }

    @GetMapping("/dockets/{number}")
    WholeDocket docket(@PathVariable int number) {
        return WholeDocket.of(find(number));
    }

    private Docket find(int number) {
        return dockets.find(number).orElseThrow(NotFound::new);
    }

    private SetUp find(int number, int position) {
        return find(number).at(position).orElseThrow(NotFound::new);
    }

    /** While another inspector measures, only what they read. */
    @GetMapping("/dockets/{number}/{position}/sweeps")
    List<SweepView> sweeps(@PathVariable int number, @PathVariable int position) {
        return find(number, position).visibleAttempts().stream()
                .flatMap(attempt -> attempt.sweeps().stream())
                .map(SweepView::of)
                .toList();
    }

    /**
     * A reading.
     *
     * @param sweep as the docket says it
     * @param place as the docket says it
     * @param key made by the sender for this reading: one that is sent twice is taken once
     */
    record SentReading(
            @Nullable Long sweep,
            @Nullable Integer place,
            @Nullable String typed,
            @Nullable String key) {

        TypedReading read() throws DocketConflict {
            if (sweep == null
                    || place == null
                    || typed == null
                    || key == null
                    || key.isBlank()
                    || key.length() > LONGEST_KEY) {
                throw new DocketConflict(Words.say("api.a-reading-has", LONGEST_KEY));
            }
            return new TypedReading(sweep, place, typed, key, ReadingSource.PROGRAM);
        }
    }

    /** Takes a reading as the page does, and answers how the requirement stands now. */
    @PostMapping("/dockets/{number}/{position}/readings")
    @ResponseStatus(HttpStatus.CREATED)
    SetUpView take(
            @PathVariable int number,
            @PathVariable int position,
            @RequestBody SentReading sent,
            @AuthenticationPrincipal SignedIn person)
            throws DocketConflict, EntryRejected {
        find(number, position);
        readings.take(number, position, sent.read(), person.id());
        return SetUpView.of(find(number, position));
    }

    /** Signed dockets, the newest first. */
    @GetMapping("/ledger")
    Page<SignedView> ledger(@RequestParam(defaultValue = "0") int from) {
        LedgerReading.Page page = ledger.page(Math.max(0, from));
        List<SignedView> items = page.entries().stream()
                .flatMap(entry ->
                        entry.shown().map(shown -> SignedView.of(shown.document(), entry.afterwards())).stream())
                .toList();
        return new Page<>(items, page.earlier() ? (Integer) (page.from() + page.size()) : null);
    }

    /** A signed document with its signature and public key. */
    @GetMapping("/ledger/{docket}")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "object")))
    String document(@PathVariable int docket) {
        return ledger.envelope(docket).orElseThrow(NotFound::new);
    }
}

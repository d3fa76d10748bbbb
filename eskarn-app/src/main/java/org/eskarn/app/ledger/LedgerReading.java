package org.eskarn.app.ledger;

import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.ledger.DocumentChecks.Found;
import org.eskarn.app.ledger.LedgerMapper.CheckRow;
import org.eskarn.app.ledger.LedgerMapper.Checked;
import org.eskarn.app.ledger.document.Amount;
import org.eskarn.app.ledger.document.Finding;
import org.eskarn.app.ledger.document.Json;
import org.eskarn.app.ledger.document.PublicKeys;
import org.eskarn.app.ledger.document.SignedDocument;
import org.eskarn.app.ledger.document.SignedDocument.Figures;
import org.eskarn.app.ledger.document.SignedDocument.RequirementPart;
import org.eskarn.app.ledger.document.StoredDocument;
import org.eskarn.app.page.Display;
import org.eskarn.app.picture.engine.VerdictRule;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Outcome;
import org.eskarn.core.verdict.RuleKind;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Reads signed documents for the Ledger, a page at a time, with what their last check said. */
@Service
public class LedgerReading {

    /** Dockets on one page. */
    static final int ON_A_PAGE = 25;

    private final LedgerMapper ledger;
    private final DocumentChecks checks;
    private final CheckRun run;
    private final Signing signing;
    private final SinceSigning since;

    LedgerReading(LedgerMapper ledger, DocumentChecks checks, CheckRun run, Signing signing, SinceSigning since) {
        this.ledger = ledger;
        this.checks = checks;
        this.run = run;
        this.signing = signing;
        this.since = since;
    }

    /**
     * @param finding in words; empty where nothing is wrong
     * @param shown empty for a document that is not what was signed
     */
    public record Entry(
            int number,
            int docket,
            DocumentState state,
            String finding,
            Optional<Shown> shown,
            Afterwards afterwards) {}

    /** What the Ledger shows of a document. */
    public record Shown(SignedDocument document, List<Line> lines) {

        static Shown of(SignedDocument document) {
            return new Shown(
                    document, document.requirements().stream().map(Line::of).toList());
        }

        public Standing standing() {
            return Standing.of(Outcome.valueOf(document.outcome()));
        }

        public String signedAt() {
            return new SheetTimes(ZoneId.of(document.signature().zone()))
                    .moment(document.signature().at());
        }
    }

    public record Line(RequirementPart requirement, Standing standing, VerdictRule rule) {

        static Line of(RequirementPart requirement) {
            Standing standing = Standing.valueOf(requirement.result().standing().code());
            Figures figures = requirement.result().figures();
            Display display = display(requirement, figures);
            return new Line(requirement, standing, VerdictRule.small(verdict(standing, figures), display));
        }

        private static Display display(RequirementPart requirement, @Nullable Figures figures) {
            String symbol = figures == null ? "" : figures.unit();
            Amount written = requirement.asked().radius();
            double radius = written == null || !symbol.equals("°")
                    ? 0
                    : LengthUnit.named(written.unit())
                            .map(unit -> Double.parseDouble(written.amount())
                                    * unit.micrometres().doubleValue())
                            .orElse(0.0);
            return new Display(LengthUnit.named(symbol).orElse(LengthUnit.MILLIMETRE), radius);
        }

        private static Verdict verdict(Standing standing, @Nullable Figures figures) {
            Outcome outcome = switch (standing) {
                case PASS -> Outcome.PASS;
                case FAIL -> Outcome.FAIL;
                case RECORDED -> Outcome.RECORDED;
                case NOT_PROVEN, LEFT_OUT, OPEN -> Outcome.NOT_PROVEN;
            };
            return new Verdict(
                    outcome,
                    outcome == Outcome.NOT_PROVEN ? Because.WITHIN_UNCERTAINTY : null,
                    figures == null ? null : number(figures.micrometres()),
                    figures == null
                            ? Bounds.OPEN
                            : new Bounds(number(figures.lowerMicrometres()), number(figures.upperMicrometres())),
                    figures == null ? 0 : Double.parseDouble(figures.uncertaintyMicrometres()),
                    figures == null
                            ? DecisionRule.SIMPLE
                            : DecisionRule.of(RuleKind.valueOf(figures.rule().code()), null));
        }

        private static @Nullable Double number(@Nullable String kept) {
            return kept == null ? null : Double.valueOf(kept);
        }
    }

    /**
     * @param from the first shown, counted from 0 of the newest
     * @param total how many there are in all, or were found
     */
    public record Page(List<Entry> entries, int from, int total, Totals found) {

        public int size() {
            return ON_A_PAGE;
        }

        public boolean earlier() {
            return from + ON_A_PAGE < total;
        }

        public boolean later() {
            return from > 0;
        }
    }

    /**
     * How far the check of all documents is.
     *
     * @param running whether one is under way
     * @param reached the document it has come to
     * @param total how many documents there are
     * @param checked how many were checked and when; empty before the first check, and while one is under way
     * @param end what is wrong with the end of the chain, in words; empty where nothing is
     */
    public record Checks(boolean running, int reached, int total, Optional<Checked> checked, String end) {}

    public Checks checks() {
        boolean running = run.running();
        return new Checks(
                running,
                run.reached(),
                ledger.reached(),
                running ? Optional.empty() : ledger.checked(run.reached()),
                checks.lastEnd()
                        .or(run::end)
                        .map(Found::finding)
                        .map(Finding::words)
                        .orElse(""));
    }

    /** How many dockets were found, and how many of each verdict; empty where nothing was asked. */
    public record Totals(int total, Map<Standing, Integer> verdicts) {

        static final Totals ALL = new Totals(0, Map.of());
    }

    /** Those that a query asks for. Which they are is looked up; what is shown of them comes from the documents. */
    public Page page(LedgerQuery query, int from, ZoneId zone) {
        if (!query.asks()) {
            return page(from);
        }
        Instant since = query.since(zone);
        Instant until = query.until(zone);
        Map<Standing, Integer> verdicts = new EnumMap<>(Standing.class);
        ledger.totals(query, since, until)
                .forEach(each ->
                        verdicts.merge(Standing.of(Outcome.valueOf(each.outcome())), each.dockets(), Integer::sum));
        int total = verdicts.values().stream().mapToInt(Integer::intValue).sum();
        List<Integer> numbers = ledger.found(query, since, until, from, ON_A_PAGE);
        return shown(
                numbers.isEmpty() ? List.of() : ledger.numbered(numbers), from, total, new Totals(total, verdicts));
    }

    /** How many documents cannot be found yet, because they were not looked through since an upgrade. */
    public int notFoundYet() {
        return run.running() ? Math.max(0, ledger.reached() - ledger.indexed()) : 0;
    }

    public Page page(int from) {
        int total = ledger.reached();
        return shown(ledger.upTo(total - from, ON_A_PAGE), from, total, Totals.ALL);
    }

    private Page shown(List<DocumentRow> rows, int from, int total, Totals found) {
        Map<Integer, String> findings = new HashMap<>();
        if (!rows.isEmpty()) {
            ledger.checks(rows.get(rows.size() - 1).number(), rows.get(0).number())
                    .forEach(check -> findings.put(check.number(), check.finding()));
        }
        Map<Integer, Afterwards> afterwards =
                since.afterwards(rows.stream().map(DocumentRow::docketNumber).toList());
        int firstBroken = firstBroken();
        PublicKeys keys = signing.key().publicKeys();
        List<Entry> entries = new ArrayList<>();
        String named = "";
        for (DocumentRow row : rows) {
            Opened opened = Opened.of(row.stored(), named, keys);
            entries.add(entry(
                    row,
                    opened,
                    Optional.ofNullable(findings.get(row.number())),
                    firstBroken,
                    Objects.requireNonNull(afterwards.get(row.docketNumber()))));
            named = opened.document().map(SignedDocument::previous).orElse("");
        }
        return new Page(entries, from, total, found);
    }

    private int firstBroken() {
        return ledger.firstFinding().map(CheckRow::number).orElse(Integer.MAX_VALUE);
    }

    /**
     * A document that was looked at.
     *
     * @param document empty where it is not what was signed
     */
    private record Opened(Optional<Finding> altered, Optional<SignedDocument> document) {

        /** @param named the hash that the document after it names, where that one is what was signed */
        static Opened of(StoredDocument stored, String named, PublicKeys keys) {
            if (stored.hasHash(named)) {
                SignedDocument document = Json.read(stored.canonical());
                Optional<Finding> altered = stored.checkNamed(document);
                return new Opened(altered, altered.isPresent() ? Optional.empty() : Optional.of(document));
            }
            Optional<Finding> altered = stored.check(keys);
            return new Opened(
                    altered, altered.isPresent() ? Optional.empty() : Optional.of(Json.read(stored.canonical())));
        }
    }

    /** That it is what was signed is looked at each time; the rest was found when it was last checked. */
    private static Entry entry(
            DocumentRow row, Opened opened, Optional<String> last, int firstBroken, Afterwards afterwards) {
        Optional<String> finding = opened.altered().map(Finding::words).or(() -> last);
        return new Entry(
                row.number(),
                row.docketNumber(),
                state(row.number(), finding, firstBroken),
                finding.orElse(""),
                opened.document().map(Shown::of),
                afterwards);
    }

    private static DocumentState state(int number, Optional<String> finding, int firstBroken) {
        if (finding.filter(words -> !words.isEmpty()).isPresent()) {
            return DocumentState.BROKEN;
        }
        if (number > firstBroken) {
            return DocumentState.AFTER_BROKEN;
        }
        return finding.isPresent() ? DocumentState.IN_ORDER : DocumentState.UNCHECKED;
    }

    /**
     * What is to be seen of a signed docket; its document is checked there and then.
     *
     * @param document the number of its document
     * @param finding what is wrong with it; empty where nothing is
     * @param sheet empty for a document that is not what was signed
     */
    public record Seen(int document, Optional<Finding> finding, Optional<Sheet> sheet) {}

    public Optional<Seen> sheet(int docketNumber) {
        return ledger.ofDocket(docketNumber).map(this::seen);
    }

    private Seen seen(DocumentRow row) {
        Optional<Finding> finding = checks.examine(row);
        boolean genuine = finding.map(Finding::genuine).orElse(true);
        DocumentState state =
                state(row.number(), Optional.of(finding.map(Finding::words).orElse("")), firstBroken());
        return new Seen(
                row.number(),
                finding,
                genuine
                        ? Optional.of(new Sheet(row.document(), row.hash(), row.signature(), state, finding))
                        : Optional.empty());
    }

    /** The document with its signature and public key, for other programs. */
    public Optional<String> envelope(int docketNumber) {
        return ledger.ofDocket(docketNumber)
                .map(row -> Json.envelope(
                        row.canonical(),
                        row.hash(),
                        row.signature(),
                        signing.key()
                                .publicKeys()
                                .named(row.keyId())
                                .map(PublicKeys::encoded)
                                .orElse("")));
    }

    Path heads() {
        return signing.heads();
    }
}

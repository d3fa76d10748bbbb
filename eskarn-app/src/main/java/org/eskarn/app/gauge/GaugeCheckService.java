package org.eskarn.app.gauge;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.core.gauge.Repeats;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The check before use: a gauge read several times on its master. Repeats that disagree point at the odd one; it is left
 * out only with a cause, and the conclusion says which readings it rests on.
 */
@Service
public class GaugeCheckService {

    /** What stands for a master where a gauge is checked closed on itself or on its anvil. */
    public static final String ITSELF = "itself";

    private static final int FEWEST = 2;
    private static final int MOST = 30;
    private static final int DECIMALS = 3;

    private final GaugeMapper gauges;
    private final Clock clock;

    GaugeCheckService(GaugeMapper gauges, Clock clock) {
        this.gauges = gauges;
        this.clock = clock;
    }

    /** What a check can be read on. */
    @Transactional(readOnly = true)
    public List<Gauge> masters() {
        return gauges.all().stream().filter(gauge -> gauge.kind().master()).toList();
    }

    /** The master of the check before this one, which is the likeliest; empty where there is none. */
    @Transactional(readOnly = true)
    public String usualMaster(long id) {
        return gauges.checks(id).stream().findFirst().map(GaugeCheckRow::master).orElse("");
    }

    /** What stands in the fields. */
    public record CheckForm(
            @Nullable String master,
            @Nullable String readings,
            @Nullable Boolean leaveOut,
            @Nullable String cause) {

        /** The same with what was typed behind the readings that were taken. */
        CheckForm with(String typed) {
            return new CheckForm(master, (Typed.text(readings) + " " + typed.strip()).strip(), leaveOut, cause);
        }

        /** The same without the last reading. */
        CheckForm without() {
            List<String> words = words(this);
            return new CheckForm(
                    master, String.join(" ", words.subList(0, Math.max(0, words.size() - 1))), leaveOut, cause);
        }

        /** The readings as they were typed, in their order. */
        public List<String> taken() {
            return words(this);
        }
    }

    /**
     * What the readings say.
     *
     * @param all of all readings
     * @param used of those the conclusion rests on
     * @param readings in their order
     * @param fit whether mean and scatter lie within the error limit
     * @param drift of the mean since the last check on the same master, in the unit of the gauge
     */
    public record Finding(double[] readings, Repeats all, Repeats used, boolean fit, Optional<BigDecimal> drift) {}

    /**
     * What a check would conclude; nothing is written.
     *
     * @throws FormRefused if a reading is none, or there are too few
     */
    @Transactional(readOnly = true)
    public Finding look(Gauge gauge, CheckForm form) throws FormRefused {
        double[] readings = readings(form);
        Repeats all = Repeats.of(readings);
        boolean out = Boolean.TRUE.equals(form.leaveOut()) && all.odd().isPresent();
        Repeats used = out ? Repeats.of(Repeats.without(readings, all.odd().orElseThrow())) : all;
        double limit = gauge.errorLimit().doubleValue();
        boolean agree = out || all.odd().isEmpty();
        boolean fit = agree && Math.abs(used.mean()) <= limit + 1e-9 && used.range() <= 2 * limit + 1e-9;
        Optional<BigDecimal> drift = gauges.checks(gauge.id()).stream()
                .filter(before -> before.master().equals(Typed.text(form.master())))
                .findFirst()
                .map(before -> rounded(used.mean()).subtract(before.mean()));
        return new Finding(readings, all, used, fit, drift);
    }

    /**
     * Records a check.
     *
     * @throws FormRefused if a field is unfit, or an odd reading is left out without a cause
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void record(long id, CheckForm form, long by) throws FormRefused {
        Gauge gauge = gauges.byId(id)
                .orElseThrow(() -> new FormRefused("readings", Words.say("gauge.there-is-no-such-gauge")));
        Typed typed = new Typed(new LinkedHashMap<>());
        String master = typed.required("master", form.master(), 120, Words.say("gauge.the-master-it-was-read-on"));
        if (!master.isEmpty()
                && masters().stream().noneMatch(each -> each.mark().equals(master))
                && !ITSELF.equals(master)) {
            typed.problem("master", Words.say("gauge.choose-the-master-from-the-register"));
        }
        String cause = typed.atMost("cause", Typed.text(form.cause()), 200);
        if (!typed.problems().isEmpty()) {
            throw new FormRefused(typed.problems());
        }
        Finding finding = look(gauge, form);
        boolean out =
                Boolean.TRUE.equals(form.leaveOut()) && finding.all().odd().isPresent();
        if (out && cause.isEmpty()) {
            throw new FormRefused("cause", Words.say("gauge.write-why-that-reading-is-odd-dirt"));
        }
        LocalDate today = LocalDate.now(clock);
        gauges.insertCheck(
                new GaugeCheckRow(
                        0,
                        id,
                        master,
                        String.join(" ", words(form)),
                        gauge.graduationUnit(),
                        out ? finding.all().odd().orElseThrow() : null,
                        cause,
                        rounded(finding.used().mean()),
                        rounded(finding.used().deviation()),
                        finding.fit(),
                        finding.fit() ? today : null,
                        "",
                        clock.instant()),
                by);
    }

    private static BigDecimal rounded(double amount) {
        return BigDecimal.valueOf(amount).setScale(DECIMALS, RoundingMode.HALF_UP);
    }

    private static List<String> words(CheckForm form) {
        return java.util.Arrays.stream(Typed.text(form.readings()).split("[\\s;]+"))
                .filter(word -> !word.isEmpty())
                .toList();
    }

    private static double[] readings(CheckForm form) throws FormRefused {
        Typed typed = new Typed(new LinkedHashMap<>());
        List<Double> readings = new ArrayList<>();
        for (String word : words(form)) {
            BigDecimal number = typed.number("readings", word);
            if (number != null) {
                readings.add(number.doubleValue());
            }
        }
        if (readings.size() < FEWEST || readings.size() > MOST) {
            typed.problem("readings", Words.say("gauge.read-the-master-2-to-30-times"));
        }
        if (!typed.problems().isEmpty()) {
            throw new FormRefused(typed.problems());
        }
        return readings.stream().mapToDouble(x -> x).toArray();
    }
}

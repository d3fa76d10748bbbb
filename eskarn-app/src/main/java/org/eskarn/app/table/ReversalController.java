package org.eskarn.app.table;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.flat.Shares;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Whose error is it: two set-ups of anything, read at the same places. */
@Controller
@RequestMapping("/tables/reversal")
class ReversalController {

    private static final int DECIMALS = 3;

    /** What comes of one place, in figures. */
    record Line(int place, String first, String second, String part, String fixture, String again, boolean moved) {}

    /**
     * @param first readings of the first set-up
     * @param second the same places in the second
     * @param again the first set-up once more; empty for not read
     * @param allowed how far that may differ
     */
    @GetMapping
    String show(
            @RequestParam(defaultValue = "PART_TURNED") Reversal how,
            @RequestParam(defaultValue = "") String first,
            @RequestParam(defaultValue = "") String second,
            @RequestParam(defaultValue = "") String again,
            @RequestParam(defaultValue = "1") String allowed,
            Model model) {
        Typed typed = new Typed(new LinkedHashMap<>());
        List<BigDecimal> one = numbers("first", first, typed);
        List<BigDecimal> two = numbers("second", second, typed);
        List<BigDecimal> three = numbers("again", again, typed);
        BigDecimal most = typed.above("allowed", allowed, Words.say("calculators.what-is-allowed"));
        if (one.size() != two.size()) {
            typed.problem(
                    "second", Words.say("calculators.there-are-readings-first-and-after-it", one.size(), two.size()));
        }
        if (!three.isEmpty() && three.size() != one.size()) {
            typed.problem("again", Words.say("calculators.read-all-places-again-or-none", one.size()));
        }
        model.addAttribute("place", "tables");
        model.addAttribute("problems", first.isBlank() ? Map.of() : typed.problems());
        model.addAttribute(
                "reversals",
                Arrays.stream(Reversal.values())
                        .filter(each -> each.twice() && !each.checked())
                        .toList());
        model.addAttribute("how", how);
        model.addAttribute("first", first);
        model.addAttribute("second", second);
        model.addAttribute("again", again);
        model.addAttribute("allowed", allowed);
        if (typed.problems().isEmpty() && !one.isEmpty()) {
            model.addAttribute("lines", lines(how, one, two, three, most == null ? 0 : most.doubleValue()));
            model.addAttribute("checked", !three.isEmpty());
        }
        return "table/reversal";
    }

    private static List<Line> lines(
            Reversal how, List<BigDecimal> one, List<BigDecimal> two, List<BigDecimal> three, double allowed) {
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < one.size(); i++) {
            double first = one.get(i).doubleValue();
            Shares shares = Shares.of(how, first, two.get(i).doubleValue());
            @Nullable BigDecimal back = three.isEmpty() ? null : three.get(i);
            lines.add(new Line(
                    i + 1,
                    said(first),
                    said(two.get(i).doubleValue()),
                    said(shares.part()),
                    said(shares.fixture()),
                    back == null ? "" : said(back.doubleValue()),
                    back != null && !Shares.consistent(first, back.doubleValue(), allowed)));
        }
        return lines;
    }

    private static String said(double number) {
        return BigDecimal.valueOf(number)
                .setScale(DECIMALS, java.math.RoundingMode.HALF_UP)
                .toPlainString()
                .replace('-', '−');
    }

    private static List<BigDecimal> numbers(String field, String written, Typed typed) {
        List<BigDecimal> numbers = new ArrayList<>();
        for (String word : written.strip().split("[\\s;]+")) {
            BigDecimal number = word.isEmpty() ? null : typed.number(field, word);
            if (number != null) {
                numbers.add(number);
            }
        }
        return numbers;
    }
}

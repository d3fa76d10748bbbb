package org.eskarn.app.table;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.core.gauge.Block;
import org.eskarn.core.gauge.BlockSet;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** References with a live figure: nothing here is stored. */
@Controller
@RequestMapping("/tables")
class TableController {

    private final GaugeService gauges;

    TableController(GaugeService gauges) {
        this.gauges = gauges;
    }

    @ModelAttribute
    void everywhere(Model model) {
        model.addAttribute("place", "tables");
        model.addAttribute("problems", Map.of());
    }

    @GetMapping
    String list(@RequestParam(defaultValue = "") String find, Model model) {
        model.addAttribute("find", find);
        model.addAttribute("found", Finder.grouped(find));
        return "table/tables";
    }

    /** Opens the first of what was found; the list again where nothing was. */
    @GetMapping("/find")
    String open(@RequestParam(defaultValue = "") String find, Model model) {
        List<Finder.Entry> found = Finder.of(find);
        return find.isBlank() || found.isEmpty()
                ? list(find, model)
                : "redirect:" + found.get(0).address();
    }

    /**
     * The block stack builder.
     *
     * @param set id of a block set of the works, or the name of a usual set
     * @param size wanted, in the unit of the set
     * @param protector nominal of the two protector blocks, if they are used
     */
    @GetMapping("/blocks")
    String blocks(
            @RequestParam(defaultValue = "METRIC_88") String set,
            @RequestParam(defaultValue = "") String size,
            @RequestParam(defaultValue = "") String protector,
            Model model) {
        List<Gauge> sets = gauges.all().stream()
                .filter(gauge -> gauge.kind() == GaugeKind.BLOCK_SET)
                .toList();
        model.addAttribute("sets", sets);
        model.addAttribute("templates", List.of(BlockSet.Template.values()));
        model.addAttribute("set", set);
        model.addAttribute("size", size);
        model.addAttribute("protector", protector);
        BlockSet blocks = chosen(set, sets);
        model.addAttribute("unit", blocks.unit());
        if (!size.isBlank()) {
            Typed typed = new Typed(new LinkedHashMap<>());
            BigDecimal wanted = typed.above("size", size, Words.say("calculators.a-size"));
            BigDecimal ends = typed.above("protector", protector, Words.say("calculators.a-protector-block"));
            model.addAttribute("problems", typed.problems());
            if (wanted != null && typed.problems().isEmpty()) {
                build(blocks, wanted, ends, model);
            }
        }
        return "table/blocks";
    }

    private BlockSet chosen(String set, List<Gauge> sets) {
        Optional<Gauge> own = sets.stream()
                .filter(gauge -> Long.toString(gauge.id()).equals(set))
                .findFirst();
        if (own.isPresent()) {
            return gauges.blockSet(own.get());
        }
        BlockSet.Template template = java.util.Arrays.stream(BlockSet.Template.values())
                .filter(each -> each.name().equals(set))
                .findFirst()
                .orElse(BlockSet.Template.METRIC_88);
        return BlockSet.of(
                template.unit(),
                template.nominals().stream().map(n -> new Block(n, 0, 0)).toList());
    }

    private static void build(BlockSet blocks, BigDecimal wanted, @Nullable BigDecimal protector, Model model) {
        List<Block> ends =
                protector == null ? List.of() : List.of(new Block(protector, 0, 0), new Block(protector, 0, 0));
        List<StackPicture> stacks = blocks.fewest(wanted, ends).stream()
                .map(stack -> StackPicture.of(stack, blocks.unit()))
                .toList();
        model.addAttribute("stacks", stacks);
        if (stacks.isEmpty()) {
            model.addAttribute("near", blocks.neighbours(wanted, ends));
        }
    }

    /** What a pointer and a counter mean on a dial. */
    @GetMapping("/dial")
    String dial(
            @RequestParam(defaultValue = "1") String graduation,
            @RequestParam(defaultValue = "MICROMETRE") LengthUnit unit,
            @RequestParam(defaultValue = "100") String perTurn,
            @RequestParam(defaultValue = "0") String turns,
            @RequestParam(defaultValue = "") String pointer,
            Model model) {
        Typed typed = new Typed(new LinkedHashMap<>());
        BigDecimal one = typed.above("graduation", graduation, Words.say("calculators.a-graduation"));
        Integer divisions = typed.whole("perTurn", perTurn, 4, 2000);
        BigDecimal whole = typed.number("turns", turns);
        BigDecimal at = typed.number("pointer", pointer);
        if (at != null && divisions != null && at.abs().compareTo(BigDecimal.valueOf(divisions)) > 0) {
            typed.problem("pointer", Words.say("calculators.the-pointer-stands-between-two-marks-of", divisions));
        }
        model.addAttribute("units", List.of(LengthUnit.values()));
        model.addAttribute("graduation", graduation);
        model.addAttribute("unit", unit);
        model.addAttribute("perTurn", perTurn);
        model.addAttribute("turns", turns);
        model.addAttribute("pointer", pointer);
        model.addAttribute("problems", typed.problems());
        if (typed.problems().isEmpty() && one != null && divisions != null && whole != null && at != null) {
            BigDecimal total = whole.multiply(BigDecimal.valueOf(divisions)).add(at);
            Length length = new Length(total.multiply(one), unit);
            model.addAttribute("divisions", total);
            model.addAttribute("length", length);
            Display companion = new Display(unit).companion();
            model.addAttribute("other", companion.signed(length.micrometres()) + " " + companion.symbol());
            BigDecimal back = total.subtract(BigDecimal.valueOf(divisions)).multiply(one);
            model.addAttribute("balanced", new Length(back, unit));
        }
        return "table/dial";
    }
}

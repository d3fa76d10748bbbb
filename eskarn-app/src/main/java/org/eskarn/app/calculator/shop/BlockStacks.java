package org.eskarn.app.calculator.shop;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Answering;
import org.eskarn.app.calculator.Calculator;
import org.eskarn.app.calculator.CalculatorSource;
import org.eskarn.app.calculator.Group;
import org.eskarn.app.field.Field;
import org.eskarn.app.field.Field.Option;
import org.eskarn.app.field.Fields;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.Words;
import org.eskarn.core.gauge.Block;
import org.eskarn.core.gauge.BlockSet;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;

/** The fewest blocks for a size, from a set of the works with its deviations or from a usual one. */
@Service
@Order(0)
public class BlockStacks implements CalculatorSource {

    private static final BlockSet.Template USUAL = BlockSet.Template.METRIC_88;

    private final GaugeService gauges;

    public BlockStacks(GaugeService gauges) {
        this.gauges = gauges;
    }

    /** @param near sizes that can be built where the one asked for cannot */
    public record Stacks(List<StackPicture> stacks, List<Near> near) {}

    /** @param address where it is built */
    public record Near(String said, String address) {}

    @Override
    public List<Calculator> calculators() {
        return List.of(Calculator.of(
                "blocks",
                Group.GENERAL,
                Words.say("calculators.block-stacks"),
                Words.say("calculators.the-fewest-blocks-for-a-size-from"),
                this::fields,
                this::answer));
    }

    private List<Field> fields(Map<String, String> typed) {
        LengthUnit unit = chosen(typed.getOrDefault("set", USUAL.name())).unit();
        return List.of(
                Field.size("size", Words.say("calculators.size")).in(unit).example("27.155"),
                Field.chosen("set", Words.say("calculators.from"), this::sets)
                        .usually(USUAL.name())
                        .redrawing(),
                Field.size("protector", Words.say("calculators.protector-at-both-ends-if-used"))
                        .in(unit));
    }

    private List<Option> sets() {
        List<Option> sets = new ArrayList<>();
        own().forEach(gauge -> sets.add(new Option(Long.toString(gauge.id()), gauge.mark() + " · " + gauge.name())));
        for (BlockSet.Template template : BlockSet.Template.values()) {
            sets.add(new Option(template.name(), Words.say("calculators.a-usual-set-of", Words.of(template.title()))));
        }
        return sets;
    }

    private List<Gauge> own() {
        return gauges.all().stream()
                .filter(gauge -> gauge.kind() == GaugeKind.BLOCK_SET)
                .toList();
    }

    private BlockSet chosen(String set) {
        Optional<BlockSet.Template> template = Arrays.stream(BlockSet.Template.values())
                .filter(each -> each.name().equals(set))
                .findFirst();
        if (template.isPresent()) {
            return usual(template.get());
        }
        return own().stream()
                .filter(gauge -> Long.toString(gauge.id()).equals(set))
                .findFirst()
                .map(gauges::blockSet)
                .orElseGet(() -> usual(USUAL));
    }

    private static BlockSet usual(BlockSet.Template template) {
        return BlockSet.of(
                template.unit(),
                template.nominals().stream()
                        .map(nominal -> new Block(nominal, 0, 0))
                        .toList());
    }

    private Optional<Answer> answer(Fields fields) {
        if (fields.empty("size")) {
            return Optional.empty();
        }
        String set = fields.text("set");
        BlockSet blocks = chosen(set);
        BigDecimal wanted = fields.above("size", Words.say("calculators.a-size"));
        BigDecimal ends = fields.above("protector", Words.say("calculators.a-protector-block"));
        if (wanted == null || !fields.readable()) {
            return Optional.empty();
        }
        return Optional.of(answer(blocks, wanted, ends, set));
    }

    private static Answer answer(BlockSet blocks, BigDecimal wanted, @Nullable BigDecimal protector, String set) {
        List<Block> ends =
                protector == null ? List.of() : List.of(new Block(protector, 0, 0), new Block(protector, 0, 0));
        List<StackPicture> stacks = blocks.fewest(wanted, ends).stream()
                .map(stack -> StackPicture.of(stack, blocks.unit()))
                .toList();
        Answering answer = new Answering();
        List<Near> near = new ArrayList<>();
        if (stacks.isEmpty()) {
            answer.headline(Words.say(
                    "calculators.cannot-be-built-from-this-set-with",
                    wanted.toPlainString(),
                    blocks.unit().symbol()));
            BlockSet.Neighbours neighbours = blocks.neighbours(wanted, ends);
            neighbours.below().ifPresent(size -> near.add(near(blocks, size, protector, set)));
            neighbours.above().ifPresent(size -> near.add(near(blocks, size, protector, set)));
        } else {
            int count = stacks.get(0).blocks().size();
            answer.headline(Words.say(
                    "calculators.fewer-will-not-do",
                    count,
                    protector == null ? "" : Words.say("calculators.two-of-them-protectors")));
        }
        answer.more("calculator/shop", "stacks", new Stacks(stacks, near));
        answer.remark(Words.say("calculators.the-stack-is-drawn-in-wringing-order"));
        return answer.done();
    }

    private static Near near(BlockSet blocks, BigDecimal size, @Nullable BigDecimal protector, String set) {
        String said = size.stripTrailingZeros().toPlainString();
        return new Near(
                said + " " + blocks.unit().symbol(),
                "/tables/blocks?set=" + set + "&size=" + said
                        + (protector == null ? "" : "&protector=" + protector.toPlainString()));
    }
}

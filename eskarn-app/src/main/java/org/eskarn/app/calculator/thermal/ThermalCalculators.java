package org.eskarn.app.calculator.thermal;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.calculator.Calculator;
import org.eskarn.app.calculator.CalculatorSource;
import org.eskarn.app.calculator.Group;
import org.eskarn.app.calculator.Shown;
import org.eskarn.app.calculator.SizesIn;
import org.eskarn.app.field.Field;
import org.eskarn.app.field.Field.Option;
import org.eskarn.app.field.Quantity;
import org.eskarn.app.page.Words;
import org.eskarn.core.fit.Material;
import org.eskarn.core.requirement.Characteristic;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** What the calculators of heat and cold ask. */
@Component
@Order(2)
public class ThermalCalculators implements CalculatorSource {

    private static final String STEEL = "STEEL";

    /** 10⁻⁶/K; below any metal's. */
    private static final double LEAST_EXPANSION = 0.1;

    private static final Shown MATERIALS = new Shown(
            "calculator/reference", "materials", new MaterialTable(Material.all(), Words.of(Material.origin())));

    /** @param origin where the expansions come from */
    public record MaterialTable(List<Material> materials, String origin) {}

    @Override
    public List<Calculator> calculators() {
        return List.of(heating(), at20(), inService());
    }

    private static Field material(String name, String label, String example) {
        return Field.chosen(name, label, ThermalCalculators::materials)
                .usually(STEEL)
                .example(example);
    }

    private static List<Option> materials() {
        List<Option> options = new ArrayList<>();
        for (Material material : Material.all()) {
            options.add(new Option(material.name(), Words.of(material.title()) + " · " + material.expansion()));
        }
        return options;
    }

    private static Field own(String name, String label) {
        return Field.of(name + "Own", label, Quantity.PER_MILLION_AND_KELVIN)
                .within(LEAST_EXPANSION, Material.MOST_EXPANSION)
                .half();
    }

    private static Field celsius(String name, String label, String example) {
        return Field.temperature(name, label).example(example);
    }

    private static Calculator heating() {
        return Calculator.of(
                        "heating",
                        Group.FITS,
                        Words.say("calculators.heat-and-cold"),
                        Words.say("calculators.the-temperature-to-assemble-a-pair-within"),
                        List.of(
                                Field.size("size", Words.say("calculators.diameter-of-the-joint"))
                                        .example("90"),
                                SizesIn.millimetresOrInches(),
                                Field.small("interference", Words.say("calculators.largest-interference"))
                                        .example("93")
                                        .half(),
                                Field.small("working", Words.say("calculators.working-clearance"))
                                        .example("60")
                                        .half(),
                                material("outer", Words.say("calculators.outer-part-of"), STEEL),
                                material("inner", Words.say("calculators.inner-part-of"), STEEL),
                                own("outer", Words.say("calculators.outer-own-10-per-k")),
                                own("inner", Words.say("calculators.inner-own-10-per-k")),
                                celsius("room", Words.say("calculators.room-c"), "18")
                                        .third(),
                                celsius("oven", Words.say("calculators.oven-set-to-c"), "150")
                                        .third(),
                                celsius("ceiling", Words.say("calculators.ceiling-c-2"), "")
                                        .third()),
                        HeatAnswer::of)
                .askedBy(Characteristic.FIT_OF_PAIR)
                .reference(MATERIALS);
    }

    private static Calculator at20() {
        return Calculator.of(
                        "at-20",
                        Group.FITS,
                        Words.say("calculators.size-at-20-c"),
                        Words.say("calculators.part-and-gauge-each-at-its-own"),
                        List.of(
                                Field.size("reading", Words.say("calculators.size-as-it-was-read"))
                                        .example("85.018"),
                                SizesIn.millimetresOrInches(),
                                material("part", Words.say("calculators.part-of"), "CAST_IRON"),
                                material("gauge", Words.say("calculators.gauge-of"), STEEL),
                                own("part", Words.say("calculators.part-own-10-per-k")),
                                own("gauge", Words.say("calculators.gauge-own-10-per-k")),
                                celsius("partAt", Words.say("calculators.part-at-c"), "31")
                                        .half(),
                                celsius("gaugeAt", Words.say("calculators.gauge-at-c"), "22")
                                        .half(),
                                celsius("room", Words.say("calculators.room-c"), "22")
                                        .half(),
                                Field.of("knownTo", Words.say("calculators.temperatures-known-to-k"), Quantity.KELVIN)
                                        .example("1")
                                        .half()),
                        WarmthAnswer::at20)
                .askedBy(Characteristic.OUTSIDE_SIZE, Characteristic.BORE_SIZE)
                .reference(MATERIALS);
    }

    private static Calculator inService() {
        return Calculator.of(
                        "in-service",
                        Group.FITS,
                        Words.say("calculators.clearance-in-service"),
                        Words.say("calculators.what-is-left-of-a-clearance-when"),
                        List.of(
                                Field.size("size", Words.say("calculators.diameter"))
                                        .example("32"),
                                SizesIn.millimetresOrInches(),
                                Field.small("least", Words.say("calculators.clearance-at-20-c-least"))
                                        .example("25")
                                        .half(),
                                Field.small("most", Words.say("calculators.most"))
                                        .example("66")
                                        .half(),
                                material("hole", Words.say("calculators.hole-in"), "BRONZE"),
                                celsius("holeAt", Words.say("calculators.hole-at-c"), "55")
                                        .half(),
                                own("hole", Words.say("calculators.own-10-per-k")),
                                material("shaft", Words.say("calculators.shaft-of"), STEEL),
                                celsius("shaftAt", Words.say("calculators.shaft-at-c"), "70")
                                        .half(),
                                own("shaft", Words.say("calculators.own-10-per-k"))),
                        WarmthAnswer::inService)
                .askedBy(Characteristic.FIT_OF_PAIR)
                .reference(MATERIALS);
    }
}

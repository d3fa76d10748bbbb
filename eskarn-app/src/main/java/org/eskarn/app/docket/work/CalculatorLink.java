package org.eskarn.app.docket.work;

import java.math.BigDecimal;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.core.evaluation.FitReduction;
import org.eskarn.core.evaluation.Reduction;
import org.eskarn.core.evaluation.SizeReduction;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;

/**
 * Where Tables go on with what was measured here: a size map to a bearing or to its mate, a pair to heat and cold.
 *
 * @param key the letter it is reached by
 */
public record CalculatorLink(String title, String address, String key) {

    private static final int DECIMALS = 6;

    static List<CalculatorLink> of(Docket docket, SetUp setUp) {
        Optional<Reduction> reduction = setUp.assessment().reduction();
        List<CalculatorLink> ways = new ArrayList<>();
        if (!setUp.sweep().complete()) {
            return ways;
        }
        if (reduction.orElse(null) instanceof SizeReduction map && sized(setUp)) {
            sizeMap(ways, docket, setUp, map);
        }
        if (reduction.orElse(null) instanceof FitReduction fit && fit.tightest() < 0) {
            heating(ways, setUp, fit);
        }
        return ways;
    }

    private static boolean sized(SetUp setUp) {
        Characteristic what = setUp.requirement().characteristic();
        return what == Characteristic.OUTSIDE_SIZE || what == Characteristic.BORE_SIZE;
    }

    private static void sizeMap(List<CalculatorLink> ways, Docket docket, SetUp setUp, SizeReduction map) {
        boolean bore = setUp.requirement().characteristic() == Characteristic.BORE_SIZE;
        LengthUnit unit = unit(setUp);
        String side = bore ? "hole" : "shaft";
        ways.add(new CalculatorLink(
                Words.say("docket.put-it-with-its-mate"),
                "/tables/pair?unit=" + unit + "&" + side + "From="
                        + docket.number() + "/"
                        + setUp.requirement().position(),
                "F"));
        if (unit == LengthUnit.MILLIMETRE) {
            size(setUp)
                    .ifPresent(size -> ways.add(new CalculatorLink(
                            Words.say("docket.a-bearing-on-it"),
                            "/tables/bearings?unit=MILLIMETRE&ring=" + (bore ? "OUTER&turning=STANDING" : "INNER")
                                    + "&size=" + plain(size.millimetres()) + "&seat=" + seat(map),
                            "B")));
        }
    }

    private static String seat(SizeReduction map) {
        return URLEncoder.encode(
                plain(map.map().smallest() / 1000) + " " + plain(map.map().largest() / 1000), StandardCharsets.UTF_8);
    }

    private static void heating(List<CalculatorLink> ways, SetUp setUp, FitReduction fit) {
        LengthUnit unit = unit(setUp);
        LengthUnit small = unit.metric() ? LengthUnit.MICROMETRE : LengthUnit.TENTH;
        size(setUp)
                .ifPresent(size -> ways.add(new CalculatorLink(
                        Words.say("docket.heat-and-cold"),
                        "/tables/heating?unit=" + unit + "&size="
                                + plain(size.micrometres() / unit.micrometres().doubleValue()) + "&interference="
                                + plain(-fit.tightest() / small.micrometres().doubleValue()),
                        "H")));
    }

    /** The size it is about: the nominal of its limit, or of its feature. */
    private static Optional<Length> size(SetUp setUp) {
        PartRequirement requirement = setUp.requirement();
        BigDecimal nominal = requirement.terms().limit().nominal();
        return nominal == null
                ? requirement.subject().size()
                : Optional.of(new Length(
                        nominal, requirement.terms().limit().unit().length().orElse(LengthUnit.MILLIMETRE)));
    }

    private static LengthUnit unit(SetUp setUp) {
        return setUp.requirement().layout().layoutUnit().metric() ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
    }

    private static String plain(double amount) {
        return Display.plain(amount, DECIMALS);
    }
}

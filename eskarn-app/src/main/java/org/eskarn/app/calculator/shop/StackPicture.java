package org.eskarn.app.calculator.shop;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.page.Words;
import org.eskarn.core.gauge.Block;
import org.eskarn.core.gauge.BlockStack;
import org.eskarn.core.units.LengthUnit;

/**
 * A stack in wringing order, lying on its side, each block as wide as it is thick but never too thin to see.
 *
 * @param blocks from left to right
 * @param actual its real size beside the nominal, in words
 */
public record StackPicture(BlockStack stack, List<Piece> blocks, double width, String actual) {

    private static final double LENGTH = 760;
    private static final double THINNEST = 58;

    public record Piece(double x, double width, String nominal) {}

    static StackPicture of(BlockStack stack, LengthUnit unit) {
        double total = stack.nominal().doubleValue();
        double room = LENGTH - THINNEST * stack.count();
        List<Piece> pieces = new ArrayList<>();
        double x = 0;
        for (Block block : stack.blocks()) {
            double width = THINNEST + Math.max(0, room) * block.nominal().doubleValue() / total;
            pieces.add(new Piece(x, width, block.nominal().toPlainString()));
            x += width;
        }
        BigDecimal deviation = BigDecimal.valueOf(stack.deviation()).setScale(2, java.math.RoundingMode.HALF_UP);
        BigDecimal uncertainty = BigDecimal.valueOf(stack.uncertainty()).setScale(2, java.math.RoundingMode.HALF_UP);
        String sign = deviation.signum() > 0 ? "+" : "";
        return new StackPicture(
                stack,
                pieces,
                x,
                stack.nominal().stripTrailingZeros().toPlainString() + " " + unit.symbol()
                        + (stack.uncertainty() == 0
                                ? Words.say("calculators.nominal-no-deviations-are-known")
                                : " " + sign + deviation.toPlainString().replace("-", "\u2212") + " µm, ± "
                                        + uncertainty.toPlainString() + " µm (k = 2)"));
    }
}

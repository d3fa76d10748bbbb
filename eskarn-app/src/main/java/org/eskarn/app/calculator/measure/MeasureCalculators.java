package org.eskarn.app.calculator.measure;

import java.util.Arrays;
import java.util.List;
import org.eskarn.app.calculator.Calculator;
import org.eskarn.app.calculator.CalculatorSource;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The calculators that take readings. */
@Component
@Order(3)
public class MeasureCalculators implements CalculatorSource {

    @Override
    public List<Calculator> calculators() {
        return Arrays.stream(MeasureKind.values()).map(MeasureKind::calculator).toList();
    }
}

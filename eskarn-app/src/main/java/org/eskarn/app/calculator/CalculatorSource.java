package org.eskarn.app.calculator;

import java.util.List;

/** A room that has calculators, in the order they are listed. */
public interface CalculatorSource {

    List<Calculator> calculators();
}

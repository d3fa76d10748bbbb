package org.eskarn.core.line;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Where so many places lie that nobody said the distances of, as they are written in a layout. */
final class EvenPlaces {

    private static final int DECIMALS = 3;
    private static final BigDecimal FROM_THE_END = new BigDecimal("0.05");
    private static final BigDecimal BETWEEN_THE_ENDS = new BigDecimal("0.9");
    private static final int HALF_TURN = 180;
    private static final List<String> OF_THREE = List.of("front", "middle", "back");

    private EvenPlaces() {}

    /** Even places, the first and the last a twentieth of the length from its ends; one alone in the middle. */
    static List<String> over(int many, BigDecimal length) {
        if (many == 1) {
            return List.of(written(length.divide(BigDecimal.valueOf(2), MathContext.DECIMAL64)));
        }
        BigDecimal first = length.multiply(FROM_THE_END);
        BigDecimal span = length.multiply(BETWEEN_THE_ENDS);
        return IntStream.range(0, many)
                .mapToObj(i -> written(first.add(span.multiply(BigDecimal.valueOf(i))
                        .divide(BigDecimal.valueOf(many - 1), MathContext.DECIMAL64))))
                .toList();
    }

    private static String written(BigDecimal distance) {
        return distance.setScale(DECIMALS, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    /** A diameter has two ends, so that half a turn is all of it. */
    static String ofDiameters(int directions) {
        return halfTurn(directions).stream().collect(Collectors.joining(" "));
    }

    private static List<String> halfTurn(int directions) {
        return IntStream.range(0, directions)
                .mapToObj(i -> written(BigDecimal.valueOf((long) HALF_TURN * i)
                        .divide(BigDecimal.valueOf(directions), MathContext.DECIMAL64)))
                .toList();
    }

    /** Sections that have no distance, by their names. */
    static String named(int sections, int directions) {
        return IntStream.range(0, sections)
                .mapToObj(section -> sections == OF_THREE.size()
                        ? OF_THREE.get(section)
                        : sections == 2 ? OF_THREE.get(section * 2) : "section " + (section + 1))
                .flatMap(section -> halfTurn(directions).stream().map(angle -> section + " · " + angle + "°"))
                .collect(Collectors.joining("; "));
    }
}

package org.eskarn.core.line;

import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitUnit;

/**
 * What a line says of a limit. Numbers are as they were written, with a point; what it does not say is empty.
 *
 * @param unit of all of its numbers but {@code per}
 * @param per the length it is per, in the unit of the layout
 */
public record LineLimit(
        LimitKind kind, String nominal, String lower, String upper, String code, LimitUnit unit, String per) {

    static LineLimit none(String nominal, LimitUnit unit) {
        return new LineLimit(LimitKind.NONE, nominal, "", "", "", unit, "");
    }

    static LineLimit atMost(String upper, LimitUnit unit, String per) {
        return new LineLimit(LimitKind.MAXIMUM, "", "", upper, "", unit, per);
    }

    static LineLimit between(String lower, String upper, LimitUnit unit) {
        return new LineLimit(LimitKind.BETWEEN, "", lower, upper, "", unit, "");
    }

    static LineLimit deviations(String nominal, String lower, String upper, LimitUnit unit) {
        return new LineLimit(LimitKind.PLUS_MINUS, nominal, lower, upper, "", unit, "");
    }

    static LineLimit fit(String nominal, String code, LimitUnit unit) {
        return new LineLimit(LimitKind.FIT_CODE, nominal, "", "", code, unit, "");
    }
}

package org.eskarn.app.part;

import java.math.BigDecimal;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.Limit.Direction;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * A limit as its row stands.
 *
 * @param service whether it is the one for parts in service
 */
public record LimitRow(
        long requirementId,
        boolean service,
        LimitKind kind,
        @Nullable BigDecimal nominal,
        @Nullable BigDecimal lowerAmount,
        @Nullable BigDecimal upperAmount,
        LimitUnit unit,
        String code,
        @Nullable Direction onlyDirection,
        String reason,
        @Nullable BigDecimal per,
        @Nullable LengthUnit perUnit) {

    static LimitRow of(long requirementId, boolean service, Limit limit) {
        Length per = limit.per();
        return new LimitRow(
                requirementId,
                service,
                limit.kind(),
                limit.nominal(),
                limit.lower(),
                limit.upper(),
                limit.unit(),
                limit.code(),
                limit.only(),
                limit.reason(),
                per == null ? null : per.amount(),
                per == null ? null : per.unit());
    }

    Limit limit() {
        return new Limit(
                kind,
                nominal,
                lowerAmount,
                upperAmount,
                unit,
                code,
                onlyDirection,
                reason,
                per == null || perUnit == null ? null : new Length(per, perUnit));
    }
}

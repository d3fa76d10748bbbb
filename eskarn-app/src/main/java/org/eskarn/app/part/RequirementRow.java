package org.eskarn.app.part;

import java.math.BigDecimal;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.jspecify.annotations.Nullable;

/** A requirement as its row stands, with the feature it belongs to. */
public record RequirementRow(
        long id,
        long partId,
        int position,
        String title,
        Characteristic characteristic,
        BigDecimal limitAmount,
        LengthUnit limitUnit,
        StatedAs statedAs,
        DecisionRule rule,
        @Nullable BigDecimal allowedReturn,
        @Nullable LengthUnit allowedReturnUnit,
        FlickerRule flicker,
        String datum,
        String circumstances,
        long gaugeId,
        long featureId,
        String featureName,
        BigDecimal nominal,
        LengthUnit nominalUnit,
        String seenFrom) {}

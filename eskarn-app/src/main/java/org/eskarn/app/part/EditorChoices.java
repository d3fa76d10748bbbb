package org.eskarn.app.part;

import java.util.Arrays;
import java.util.List;
import org.eskarn.core.flat.Reversal;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.requirement.AxisFace;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Combination;
import org.eskarn.core.requirement.DatumRead;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.ZeroRule;
import org.eskarn.core.requirement.Zeroing;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.RuleKind;

/** What the lists of the requirement editor offer. */
record EditorChoices(
        List<Characteristic> characteristics,
        List<LimitUnit> lengths,
        List<LengthUnit> units,
        List<RuleKind> rules,
        List<ZeroRule> zeroRules,
        List<Zeroing> zeroings,
        List<Reversal> reversals,
        List<DatumRead> datums,
        List<AxisFace> axisFaces,
        List<FlickerRule> flickers,
        List<WorkKind> workKinds,
        List<Combination> combinations) {

    static EditorChoices all() {
        return new EditorChoices(
                List.of(Characteristic.values()),
                Arrays.stream(LimitUnit.values())
                        .filter(unit -> unit.length().isPresent())
                        .toList(),
                List.of(LengthUnit.values()),
                List.of(RuleKind.values()),
                List.of(ZeroRule.values()),
                List.of(Zeroing.values()),
                List.of(Reversal.values()),
                List.of(DatumRead.values()),
                List.of(AxisFace.values()),
                List.of(FlickerRule.values()),
                List.of(WorkKind.values()),
                List.of(Combination.values()));
    }
}

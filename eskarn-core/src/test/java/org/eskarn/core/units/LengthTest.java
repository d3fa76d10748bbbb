package org.eskarn.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LengthTest {

    @RepeatedTest(30)
    void goesToMicrometresAndBackWithoutLoss(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        BigDecimal amount = BigDecimal.valueOf(random.nextInt(2_000_000) - 1_000_000, 1 + random.nextInt(4));
        for (LengthUnit unit : LengthUnit.values()) {
            Length length = new Length(amount, unit);
            assertThat(length.amountIn(unit, amount.scale())).isEqualTo(amount);
            assertThat(length.micrometres()).isEqualTo(length.exactMicrometres().doubleValue());
        }
    }

    @Test
    void theInchUnitsAreTenfoldAndThousandfoldOfEachOther() {
        assertThat(Length.of("1", LengthUnit.INCH).exactMicrometres())
                .isEqualByComparingTo(Length.of("1000", LengthUnit.THOU).exactMicrometres())
                .isEqualByComparingTo(Length.of("10000", LengthUnit.TENTH).exactMicrometres())
                .isEqualByComparingTo(Length.of("25.4", LengthUnit.MILLIMETRE).exactMicrometres());
    }

    @ParameterizedTest
    @EnumSource
    void everyUnitIsFoundByItsOwnSymbolAndHasACompanionInTheOtherSystem(LengthUnit unit) {
        assertThat(LengthUnit.named(" " + unit.symbol() + " ")).contains(unit);
        assertThat(unit.companion().metric()).isNotEqualTo(unit.metric());
    }

    @Test
    void isWrittenAsItWasTyped() {
        assertThat(Length.of("0.020", LengthUnit.MILLIMETRE)).hasToString("0.020 mm");
        assertThat(Length.of("1", LengthUnit.TENTH)).hasToString("1 tenth");
    }
}

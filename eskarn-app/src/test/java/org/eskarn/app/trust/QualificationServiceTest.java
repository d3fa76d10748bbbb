package org.eskarn.app.trust;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.RunningEskarn;
import org.eskarn.app.trust.QualificationService.DecisionForm;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A gauge is not put into service by somebody in a hurry: what is refused leaves nothing behind. */
@ExtendWith(RunningEskarn.class)
class QualificationServiceTest {

    private static Gauge gauge(Eskarn eskarn) {
        return eskarn.bean(GaugeService.class).all().stream()
                .filter(gauge -> gauge.mark().equals("LI-7"))
                .findFirst()
                .orElseThrow();
    }

    private static FormRefused refused(Eskarn eskarn, String limits, String password) {
        Gauge gauge = gauge(eskarn);
        QualificationService qualification = eskarn.bean(QualificationService.class);
        FormRefused refused = catchThrowableOfType(
                FormRefused.class,
                () -> qualification.decide(
                        gauge.id(),
                        gauge.version(),
                        new DecisionForm(true, "", limits, password),
                        eskarn.account("i.varn")));
        assertThat(qualification.decisions(gauge.id())).isEmpty();
        assertThat(gauge(eskarn)).isEqualTo(gauge);
        return refused;
    }

    @Test
    void whatWasNotInspectedIsNotPutIntoService(Eskarn eskarn) {
        assertThat(refused(eskarn, "", Eskarn.PASSWORD).problems()).containsOnlyKeys("decision");
    }

    @ParameterizedTest
    @CsvSource({"' ', ''", "upper half only, guessed"})
    void aDecisionIsSignedWithOnesOwnPassword(String limits, String password, Eskarn eskarn) {
        assertThat(refused(eskarn, limits, password).problems()).containsOnlyKeys("decision", "password");
    }

    @Test
    void limitsOfUseThatDoNotFitAreSaidWhereTheyWereTyped(Eskarn eskarn) {
        assertThat(refused(eskarn, "x".repeat(301), Eskarn.PASSWORD).problems()).containsOnlyKeys("decision", "limits");
    }
}

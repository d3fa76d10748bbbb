package org.eskarn.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RestOfAnswersTest {

    @Test
    void allAreYesButThoseThatAreNamed() throws EntryRejected {
        assertThat(RestOfAnswers.of(1, 5, "")).containsExactly("1", "1", "1", "1", "1");
        assertThat(RestOfAnswers.of(3, 7, "4, 7 4")).containsExactly("1", "0", "1", "1", "0");
        assertThat(RestOfAnswers.of(40, 40, "40")).containsExactly("0");
    }

    @ParameterizedTest
    @ValueSource(strings = {"2", "8", "x", "4 99999", "-4", "4.5", "0"})
    void aPlaceThatIsNotOpenIsNamedAndNothingAnswered(String except) {
        assertThatThrownBy(() -> RestOfAnswers.of(3, 7, except)).isInstanceOf(EntryRejected.class);
    }
}

package org.eskarn.app.ledger.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A record changed behind a signature is told; what a later program may say better is not. */
class RecordDifferenceTest {

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '`',
            value = {
                "`\"note\": \"as found\"`, `\"note\": \"as left\"`, true",
                "`\"note\": \"nothing\"`, `\"note\": null`, true",
                "`\"note\": \"nothing\"`, `\"other\": null`, true",
                "`\"note\": null`, `\"note\": \"nothing\"`, true",
                "`\"note\": null`, `\"other\": null`, false",
                "`\"readings\": [1, 2]`, `\"readings\": [1, 2, null]`, false",
                "`\"readings\": [1, 2]`, `\"readings\": [1, 2, 3]`, true",
                "`\"readings\": [1, 2]`, `\"readings\": [2, 1]`, true",
                "`\"size\": \"45.010\"`, `\"size\": \"45.01\"`, true",
                "`\"size\": \"45.010\"`, `\"size\": 45.010`, true",
                "`\"outcome\": \"pass\"`, `\"outcome\": \"passed\"`, false"
            })
    void tellsWhatIsNotAsSigned(String signed, String now, boolean differs) {
        assertThat(RecordDifference.first(docket(signed), docket(now)).isPresent())
                .isEqualTo(differs);
    }

    private static byte[] docket(String field) {
        return ("{\"docket\": {" + field + "}}").getBytes(StandardCharsets.UTF_8);
    }
}

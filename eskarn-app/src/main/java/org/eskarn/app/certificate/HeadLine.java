package org.eskarn.app.certificate;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;

/**
 * What stands at the head of a certificate, in one line.
 *
 * @param dated null where it bears no day
 * @param temperature as typed; a bare number is in °C
 */
public record HeadLine(
        String maker,
        String model,
        String serial,
        String number,
        @Nullable LocalDate dated,
        String temperature,
        String standard,
        String gauge,
        String signedBy) {

    public String said() {
        return Stream.of(
                        maker,
                        model,
                        serial.isEmpty() ? "" : Words.say("certificate.serial", serial),
                        number.isEmpty() ? "" : Words.say("certificate.number", number),
                        dated == null
                                ? ""
                                : DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH)
                                        .format(dated),
                        temperature.isEmpty() ? "" : Words.say("certificate.measured-at", degrees()),
                        standard,
                        gauge.isEmpty() ? "" : Words.say("certificate.with-gauge", gauge),
                        signedBy.isEmpty() ? "" : Words.say("certificate.signed-by", signedBy))
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(" \u00b7 "));
    }

    private String degrees() {
        return temperature.matches("[-+.,0-9]+") ? temperature + " °C" : temperature;
    }
}

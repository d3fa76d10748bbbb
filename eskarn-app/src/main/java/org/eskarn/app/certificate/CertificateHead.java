package org.eskarn.app.certificate;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.OptionalDouble;
import org.eskarn.app.page.Typed;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/**
 * What stands at the head of a certificate.
 *
 * @param version raised at every change of the certificate
 * @param model what the maker calls the thing
 * @param serial the maker's own
 * @param number of the certificate
 * @param dated null where it bears no day
 * @param celsius the temperature it was measured at, as typed; empty where none is stated
 * @param gaugeNamed what the maker says it was measured with; empty where nothing is said
 * @param gaugeReads to what that gauge reads, as typed; empty where nothing is said
 * @param remarks what is remarkable and no figure
 */
public record CertificateHead(
        long id,
        long docketId,
        int version,
        String maker,
        String model,
        String serial,
        String number,
        @Nullable LocalDate dated,
        String signedBy,
        String standard,
        String celsius,
        String gaugeNamed,
        String gaugeReads,
        LengthUnit gaugeUnit,
        String remarks,
        long enteredBy,
        String enteredByName,
        Instant enteredAt) {

    /** All of it in one line. */
    public HeadLine line() {
        return new HeadLine(maker, model, serial, number, dated, celsius, standard, gaugeNamed, signedBy);
    }

    /** The division of the gauge that the maker names, µm. */
    public OptionalDouble division() {
        BigDecimal reads = Typed.decimal(gaugeReads);
        return reads == null
                ? OptionalDouble.empty()
                : OptionalDouble.of(reads.multiply(gaugeUnit.micrometres()).doubleValue());
    }
}

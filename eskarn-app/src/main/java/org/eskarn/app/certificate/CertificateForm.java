package org.eskarn.app.certificate;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.TypedQuantity;
import org.eskarn.app.page.Words;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/** What stands in the fields of a certificate's head. */
public record CertificateForm(
        @Nullable String maker,
        @Nullable String model,
        @Nullable String serial,
        @Nullable String number,
        @Nullable String dated,
        @Nullable String signedBy,
        @Nullable String standard,
        @Nullable String celsius,
        @Nullable String gaugeNamed,
        @Nullable String gaugeReads,
        @Nullable LengthUnit gaugeUnit,
        @Nullable String remarks) {

    private static final int LONGEST = 80;
    private static final int LONGEST_REMARKS = 1200;

    static CertificateForm of(CertificateHead head) {
        return new CertificateForm(
                head.maker(),
                head.model(),
                head.serial(),
                head.number(),
                head.dated() == null ? "" : head.dated().toString(),
                head.signedBy(),
                head.standard(),
                head.celsius(),
                head.gaugeNamed(),
                head.gaugeReads(),
                head.gaugeUnit(),
                head.remarks());
    }

    static CertificateForm empty() {
        return new CertificateForm("", "", "", "", "", "", "", "", "", "", LengthUnit.MICROMETRE, "");
    }

    /** For the next piece of the same make: what is its own is still to be typed. */
    static CertificateForm like(CertificateHead last) {
        return new CertificateForm(
                last.maker(),
                last.model(),
                "",
                "",
                "",
                "",
                last.standard(),
                "",
                last.gaugeNamed(),
                last.gaugeReads(),
                last.gaugeUnit(),
                "");
    }

    /**
     * @param today a certificate is not dated after it
     * @throws FormRefused if a field cannot be read
     */
    CertificateHead read(long id, long docketId, int version, LocalDate today, Instant now) throws FormRefused {
        Typed typed = new Typed(new LinkedHashMap<>());
        String temperature = typed.atMost("celsius", Typed.text(celsius), 20);
        if (!temperature.isEmpty() && TypedQuantity.celsius(temperature).isEmpty()) {
            typed.problem("celsius", Words.say("certificate.enter-a-temperature"));
        }
        BigDecimal division = typed.above("gaugeReads", gaugeReads, Words.say("certificate.the-graduation"));
        CertificateHead head = new CertificateHead(
                id,
                docketId,
                version,
                typed.required("maker", maker, LONGEST, Words.say("certificate.the-makers-name")),
                typed.atMost("model", Typed.text(model), LONGEST),
                typed.atMost("serial", Typed.text(serial), LONGEST),
                typed.atMost("number", Typed.text(number), LONGEST),
                day(typed, today),
                typed.atMost("signedBy", Typed.text(signedBy), LONGEST),
                typed.atMost("standard", Typed.text(standard), LONGEST),
                temperature,
                typed.atMost("gaugeNamed", Typed.text(gaugeNamed), LONGEST),
                Typed.written(division),
                gaugeUnit == null ? LengthUnit.MICROMETRE : gaugeUnit,
                typed.atMost("remarks", Typed.text(remarks), LONGEST_REMARKS),
                0,
                "",
                now);
        if (!typed.problems().isEmpty()) {
            throw new FormRefused(typed.problems());
        }
        return head;
    }

    private @Nullable LocalDate day(Typed typed, LocalDate today) {
        if (Typed.text(dated).isEmpty()) {
            return null;
        }
        LocalDate day = typed.day("dated", dated);
        if (day != null && day.isAfter(today)) {
            typed.problem("dated", Words.say("certificate.dated-in-the-future"));
        }
        return day;
    }
}

package org.eskarn.app.ledger;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import org.eskarn.app.ledger.document.Amount;
import org.eskarn.app.ledger.document.Choice;
import org.eskarn.app.ledger.document.Done;
import org.eskarn.app.ledger.document.Person;
import org.eskarn.app.page.Words;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/** The smallest parts of a document. */
final class Parts {

    private Parts() {}

    static Done done(long by, String name, Instant at) {
        return new Done(new Person(by, name), time(at));
    }

    /** In UTC, to the microsecond the database keeps. */
    static String time(Instant at) {
        return at.truncatedTo(ChronoUnit.MICROS).toString();
    }

    static Choice choice(Enum<?> code, Note words) {
        return choice(code, Words.of(words));
    }

    static Choice choice(Enum<?> code, String words) {
        return new Choice(code.name(), words);
    }

    static @Nullable String plain(@Nullable BigDecimal amount) {
        return amount == null ? null : amount.toPlainString();
    }

    static @Nullable Amount amount(Optional<Length> length) {
        return length.map(known ->
                        new Amount(known.amount().toPlainString(), known.unit().symbol()))
                .orElse(null);
    }

    static @Nullable Amount amount(@Nullable BigDecimal amount, @Nullable LengthUnit unit) {
        return amount == null || unit == null ? null : new Amount(amount.toPlainString(), unit.symbol());
    }
}

package org.eskarn.app.ledger;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.eskarn.app.ledger.document.Amount;
import org.eskarn.app.ledger.document.Done;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;

/** Times, names and amounts as a sheet says them, in the zone it was signed in. */
record SheetTimes(ZoneId zone) {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("d MMM yyyy HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter MINUTE = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);

    String moment(String at) {
        return MOMENT.format(Instant.parse(at).atZone(zone));
    }

    String dayOf(String at) {
        return DAY.format(Instant.parse(at).atZone(zone));
    }

    static String day(String date) {
        return DAY.format(LocalDate.parse(date));
    }

    /** From one moment to another, the day said once. */
    String span(@Nullable String from, @Nullable String to) {
        if (from == null || to == null) {
            return "";
        }
        String first = moment(from);
        boolean sameDay = Instant.parse(from)
                .atZone(zone)
                .toLocalDate()
                .equals(Instant.parse(to).atZone(zone).toLocalDate());
        String last = sameDay ? MINUTE.format(Instant.parse(to).atZone(zone)) : moment(to);
        return first.endsWith(last) ? first : Words.say("ledger.to", first, last);
    }

    String by(Done done) {
        return done.by().name() + ", " + moment(done.at());
    }

    /** One is 1 tenth, not 1 tenths. */
    static String written(Amount amount) {
        boolean one = amount.unit().equals("tenths") && new BigDecimal(amount.amount()).compareTo(BigDecimal.ONE) == 0;
        return amount.amount() + " " + (one ? "tenth" : amount.unit());
    }
}

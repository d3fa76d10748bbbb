package org.eskarn.app.account;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.stream.Stream;
import org.eskarn.app.page.Words;

/**
 * What a password must be: long, and none that is guessed early. Which signs it is made of does not matter. How early one is guessed
 * comes from the lists of common passwords, names and words, rows of keys and repeats that ship with zxcvbn.
 */
final class PasswordRule {

    /** Its lists are read once. */
    private static final Zxcvbn LISTS = new Zxcvbn();

    private static final int SHORTEST = 12;
    /** BCrypt reads no more than this many bytes. */
    private static final int LONGEST_BYTES = 72;

    private static final int SHORTEST_NAME = 3;
    /** Below a million guesses; somebody who tries ten a minute needs more than a month for that many. */
    private static final int GUESSED_EARLY = 1;

    private PasswordRule() {}

    /**
     * @param holder name and sign-in name of whose password it shall be
     * @throws AccountRefused beside the field {@code password}
     */
    static void check(String password, String... holder) throws AccountRefused {
        if (password.isBlank()) {
            throw refused(Words.say("account.a-password-of-blanks"));
        }
        if (password.codePointCount(0, password.length()) < SHORTEST) {
            throw refused(Words.say("account.a-password-is-longer", SHORTEST));
        }
        if (password.getBytes(StandardCharsets.UTF_8).length > LONGEST_BYTES) {
            throw refused(Words.say("account.a-password-is-shorter", LONGEST_BYTES));
        }
        String small = password.toLowerCase(Locale.ROOT);
        if (names(holder).anyMatch(small::contains)) {
            throw refused(Words.say("account.a-password-holds-no-name"));
        }
        if (LISTS.measure(password).getScore() <= GUESSED_EARLY) {
            throw refused(Words.say("account.a-password-is-not-common"));
        }
    }

    private static Stream<String> names(String... holder) {
        return Stream.of(holder)
                .flatMap(name -> Stream.of(name.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+")))
                .filter(name -> name.length() >= SHORTEST_NAME);
    }

    private static AccountRefused refused(String sentence) {
        return new AccountRefused("password", sentence);
    }
}

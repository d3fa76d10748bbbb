package org.eskarn.app.signin;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.eskarn.app.account.AccountService;
import org.eskarn.app.page.Words;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * A word for one use, printed where the server runs: who makes the first steward has the server in their hands, not just its address.
 */
@Component
class FirstStartWord {

    private static final Logger LOG = LoggerFactory.getLogger(FirstStartWord.class);

    private static final String CONSONANTS = "bdfgklmnprstvz";
    private static final String VOWELS = "aeiou";
    private static final int GROUPS = 4;

    private final AccountService accounts;
    private final String word = make(new SecureRandom());

    FirstStartWord(AccountService accounts) {
        this.accounts = accounts;
    }

    /** Like {@code mavo-kire-solu-tepi}: several hundred million million of them, and can be read out. */
    private static String make(SecureRandom chance) {
        return IntStream.range(0, GROUPS)
                .mapToObj(unused -> syllable(chance) + syllable(chance))
                .collect(Collectors.joining("-"));
    }

    private static String syllable(SecureRandom chance) {
        return "" + CONSONANTS.charAt(chance.nextInt(CONSONANTS.length()))
                + VOWELS.charAt(chance.nextInt(VOWELS.length()));
    }

    String word() {
        return word;
    }

    boolean is(String typed) {
        return MessageDigest.isEqual(bytes(typed.strip().toLowerCase(Locale.ROOT)), bytes(word));
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @EventListener(ApplicationReadyEvent.class)
    void print() {
        if (accounts.none()) {
            LOG.info(Words.say("signin.first-start-word", word));
        }
    }
}

package org.eskarn.app.part;

import org.eskarn.app.page.Words;

/**
 * A free text a requirement carries beside what it is computed from. It is shown where the requirement is, and signed with it,
 * without anything else having to know of it.
 *
 * @param code names it, and its label: {@code requirement.further.CODE}
 */
public record FurtherTerm(String code, String text) {

    /** What stands before it. */
    public static String label(String code) {
        return switch (code) {
            case "LIMIT_SOURCE" -> Words.say("part.source-of-the-limit");
            default -> code;
        };
    }

    public String label() {
        return label(code);
    }
}

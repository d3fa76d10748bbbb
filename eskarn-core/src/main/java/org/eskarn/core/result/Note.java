package org.eskarn.core.result;

import java.util.List;

/**
 * Something to be said to a person, as a code: the words stand in the message files of whoever shows it.
 *
 * @param code names the sentence
 * @param arguments what stands in it, in the order of its places: texts as they were typed, whole numbers, {@link Figure}s that
 *     are said with their unit, other notes
 */
public record Note(String code, List<Object> arguments) {

    /** The code of a text that is said as it is. */
    public static final String TEXT = "core.text";

    /** The code of several notes said one after the other. */
    public static final String LIST = "core.list";

    public Note {
        arguments = List.copyOf(arguments);
    }

    public static Note of(String code, Object... arguments) {
        return new Note(code, List.of(arguments));
    }

    /** A text that is said as it is: the name of a station, a symbol. */
    public static Note text(String text) {
        return of(TEXT, text);
    }

    /** Several, one after the other with semicolons between. */
    public static Note list(List<Note> notes) {
        return new Note(LIST, List.copyOf(notes));
    }

    /** Whether it says nothing. */
    public boolean isEmpty() {
        return code.equals(TEXT) && arguments.get(0).equals("");
    }

    /** For whoever looks for a fault; never shown to a user. */
    @Override
    public String toString() {
        return arguments.isEmpty() ? code : code + " " + arguments;
    }
}

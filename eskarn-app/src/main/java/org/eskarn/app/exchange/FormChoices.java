package org.eskarn.app.exchange;

import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Tells which field of a form holds a choice that there is not. */
final class FormChoices {

    private FormChoices() {}

    /** The first such field with what it holds and what it may hold; empty where there is none. */
    static Optional<String> unknown(Class<?> form, Map<String, String> fields) {
        return unknown(form, "", fields);
    }

    private static Optional<String> unknown(Class<?> form, String prefix, Map<String, String> fields) {
        for (RecordComponent each : form.getRecordComponents()) {
            String name = prefix + each.getName();
            String said = fields.getOrDefault(name, "");
            if (each.getType().isRecord()) {
                Optional<String> inside = unknown(each.getType(), name + ".", fields);
                if (inside.isPresent()) {
                    return inside;
                }
            } else if (each.getType().isEnum() && !said.isEmpty() && !holds(each.getType(), said)) {
                return Optional.of(name + " = " + said + " (" + choices(each.getType()) + ")");
            } else if (each.getType() == Boolean.class && !said.isEmpty() && !said.matches("true|false")) {
                return Optional.of(name + " = " + said + " (true, false)");
            }
        }
        return Optional.empty();
    }

    private static boolean holds(Class<?> type, String said) {
        return Arrays.stream(type.getEnumConstants())
                .anyMatch(each -> ((Enum<?>) each).name().equals(said));
    }

    private static String choices(Class<?> type) {
        return Arrays.stream(type.getEnumConstants())
                .map(each -> ((Enum<?>) each).name())
                .collect(Collectors.joining(", "));
    }
}

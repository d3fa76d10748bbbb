package org.eskarn.app.exchange;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The fields of a form by the names that a request gives them: those of a group after a point. */
final class RecordFields {

    private RecordFields() {}

    /** The names, in the order of the form. */
    static List<String> names(Class<?> form) {
        List<String> names = new ArrayList<>();
        for (RecordComponent each : form.getRecordComponents()) {
            if (each.getType().isRecord()) {
                names(each.getType()).forEach(name -> names.add(each.getName() + "." + name));
            } else {
                names.add(each.getName());
            }
        }
        return names;
    }

    /** What stands in them, as it is typed; empty for nothing. */
    static Map<String, String> of(Record form) {
        Map<String, String> fields = new LinkedHashMap<>();
        for (RecordComponent each : form.getClass().getRecordComponents()) {
            Object value = value(each, form);
            if (value instanceof Record group) {
                of(group).forEach((name, said) -> fields.put(each.getName() + "." + name, said));
            } else {
                fields.put(each.getName(), said(value));
            }
        }
        return fields;
    }

    private static String said(@Nullable Object value) {
        return value == null ? "" : value instanceof Enum<?> choice ? choice.name() : value.toString();
    }

    private static @Nullable Object value(RecordComponent component, Record form) {
        try {
            return component.getAccessor().invoke(form);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException("the field " + component.getName() + " cannot be read", e);
        }
    }
}

package org.eskarn.app.calculator;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.field.Field;
import org.eskarn.app.field.Fields;

/**
 * A calculator with what was typed into it, and what comes of it.
 *
 * @param answer empty while too little is typed, or where a field cannot be read
 * @param unused what the fields are called that something was typed into and nothing was reckoned with
 * @param converted that another unit was chosen and what was typed was said in it; empty where none was
 * @param takenAsTyped the address that takes the figures in the new unit as they were typed
 */
public record Sheet(
        Calculator calculator,
        Fields fields,
        Optional<Answer> answer,
        List<String> unused,
        String converted,
        String takenAsTyped) {

    /** Works out what was typed, by the names of the fields. */
    public static Sheet of(Calculator calculator, Map<String, String> typed) {
        Map<String, String> prepared = calculator.prepared(typed);
        List<Field> described = calculator.fields().apply(prepared);
        Fields fields = Fields.of(described, prepared);
        Optional<Answer> answer = fields.readable() ? calculator.answer().apply(fields) : Optional.empty();
        String changed = Fields.changed(described, prepared).stream()
                .map(Field::label)
                .findFirst()
                .orElse("");
        return new Sheet(
                calculator,
                fields,
                answer,
                answer.isEmpty()
                        ? List.of()
                        : fields.unused().stream().map(Field::label).toList(),
                changed,
                changed.isEmpty() ? "" : calculator.address() + Calculator.query(asTyped(described, prepared)));
    }

    private static Map<String, String> asTyped(List<Field> described, Map<String, String> prepared) {
        Map<String, String> typed = new LinkedHashMap<>();
        described.stream()
                .filter(field -> prepared.containsKey(field.name()))
                .forEach(field -> typed.put(field.name(), prepared.getOrDefault(field.name(), "")));
        return typed;
    }

    public Map<String, String> problems() {
        return fields.problems();
    }

    /** The sentences that stand at the fields typed into, for an answer that comes without them. */
    public List<String> atItsFields() {
        return fields.all().stream()
                .map(Field::name)
                .filter(problems()::containsKey)
                .map(name -> problems().getOrDefault(name, ""))
                .toList();
    }

    /** The field that is typed into first; a problem has it before. */
    public String first() {
        return fields.problems().keySet().stream()
                .findFirst()
                .orElseGet(() -> fields.all().stream()
                        .filter(field ->
                                !field.quantity().chosen() && !field.quantity().ticked())
                        .map(Field::name)
                        .findFirst()
                        .orElse(""));
    }
}

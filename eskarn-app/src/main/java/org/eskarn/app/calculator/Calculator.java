package org.eskarn.app.calculator;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.eskarn.app.field.Field;
import org.eskarn.app.field.Fields;
import org.eskarn.core.requirement.Characteristic;

/**
 * A calculator as it is described: what it asks, and the class that answers.
 *
 * @param path its address under Tables
 * @param fields those that apply under what was chosen, in the order they are asked for
 * @param prepared what stands in the fields before they are read, where something typed fills others
 * @param answer empty while too little is typed, or where something cannot be read
 * @param reference what stands below its fields, as a table to look things up in
 * @param begun what its example types into fields that only come with the answer
 * @param asked by which requirements of dockets the same is asked
 * @param pasted whether more may be pasted into it than an address holds
 */
public record Calculator(
        String path,
        Group group,
        String title,
        String explanation,
        Function<Map<String, String>, List<Field>> fields,
        UnaryOperator<Map<String, String>> prepared,
        Function<Fields, Optional<Answer>> answer,
        Optional<Shown> reference,
        Map<String, String> begun,
        Set<Characteristic> asked,
        boolean pasted) {

    /** With the same fields whatever is chosen. */
    public static Calculator of(
            String path,
            Group group,
            String title,
            String explanation,
            List<Field> fields,
            Function<Fields, Optional<Answer>> answer) {
        return new Calculator(
                path,
                group,
                title,
                explanation,
                typed -> fields,
                UnaryOperator.identity(),
                answer,
                Optional.empty(),
                Map.of(),
                Set.of(),
                false);
    }

    /** With fields that come and go. */
    public static Calculator of(
            String path,
            Group group,
            String title,
            String explanation,
            Function<Map<String, String>, List<Field>> fields,
            Function<Fields, Optional<Answer>> answer) {
        return new Calculator(
                path,
                group,
                title,
                explanation,
                fields,
                UnaryOperator.identity(),
                answer,
                Optional.empty(),
                Map.of(),
                Set.of(),
                false);
    }

    public Calculator prepared(UnaryOperator<Map<String, String>> other) {
        return new Calculator(path, group, title, explanation, fields, other, answer, reference, begun, asked, pasted);
    }

    public Calculator reference(Shown other) {
        return new Calculator(
                path, group, title, explanation, fields, prepared, answer, Optional.of(other), begun, asked, pasted);
    }

    public Calculator alsoBegun(Map<String, String> more) {
        return new Calculator(
                path, group, title, explanation, fields, prepared, answer, reference, more, asked, pasted);
    }

    /** The same is asked by requirements of dockets. */
    public Calculator askedBy(Characteristic... characteristics) {
        return new Calculator(
                path,
                group,
                title,
                explanation,
                fields,
                prepared,
                answer,
                reference,
                begun,
                Set.of(characteristics),
                pasted);
    }

    public Calculator forPasting() {
        return new Calculator(path, group, title, explanation, fields, prepared, answer, reference, begun, asked, true);
    }

    public String address() {
        return "/tables/" + path;
    }

    /** What its fields hold of a piece of work, by their names. */
    public Map<String, String> example() {
        Map<String, String> example = new LinkedHashMap<>();
        fields.apply(Map.of()).stream()
                .filter(field -> !field.example().isEmpty())
                .forEach(field -> example.put(field.name(), field.example()));
        example.putAll(begun);
        return example;
    }

    /** Its address with the fields of its example. */
    public String worked() {
        return address() + query(example());
    }

    /** Fields as an address has them. */
    public static String query(Map<String, String> fields) {
        return fields.entrySet().stream()
                .map(field -> field.getKey() + "=" + URLEncoder.encode(field.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&", "?", ""));
    }
}

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
 * @param answer empty while too little is typed, or where something cannot be read
 */
public record Calculator(
        String path,
        Group group,
        String title,
        String explanation,
        Function<Map<String, String>, List<Field>> fields,
        Function<Fields, Optional<Answer>> answer,
        Besides besides) {

    /**
     * What only some have.
     *
     * @param prepared what stands in the fields before they are read, where something typed fills others
     * @param reference what stands below its fields, as a table to look things up in
     * @param begun what its example types into fields that only come with the answer
     * @param asked by which requirements of dockets the same is asked
     * @param pasted whether more may be pasted into it than an address holds
     */
    private record Besides(
            UnaryOperator<Map<String, String>> prepared,
            Optional<Shown> reference,
            Map<String, String> begun,
            Set<Characteristic> asked,
            boolean pasted) {

        private static final Besides NOTHING =
                new Besides(UnaryOperator.identity(), Optional.empty(), Map.of(), Set.of(), false);
    }

    /** With the same fields whatever is chosen. */
    public static Calculator of(
            String path,
            Group group,
            String title,
            String explanation,
            List<Field> fields,
            Function<Fields, Optional<Answer>> answer) {
        return new Calculator(path, group, title, explanation, typed -> fields, answer, Besides.NOTHING);
    }

    /** With fields that come and go. */
    public static Calculator of(
            String path,
            Group group,
            String title,
            String explanation,
            Function<Map<String, String>, List<Field>> fields,
            Function<Fields, Optional<Answer>> answer) {
        return new Calculator(path, group, title, explanation, fields, answer, Besides.NOTHING);
    }

    private Calculator with(Besides other) {
        return new Calculator(path, group, title, explanation, fields, answer, other);
    }

    /** Something typed fills other fields before they are read. */
    public Calculator prepared(UnaryOperator<Map<String, String>> by) {
        return with(new Besides(by, besides.reference, besides.begun, besides.asked, besides.pasted));
    }

    /** With something to look up below its fields. */
    public Calculator reference(Shown shown) {
        return with(new Besides(besides.prepared, Optional.of(shown), besides.begun, besides.asked, besides.pasted));
    }

    /** The example also types into fields that only come with the answer. */
    public Calculator alsoBegun(Map<String, String> more) {
        return with(new Besides(besides.prepared, besides.reference, more, besides.asked, besides.pasted));
    }

    /** The same is asked by requirements of dockets. */
    public Calculator askedBy(Characteristic... characteristics) {
        Set<Characteristic> asked = Set.of(characteristics);
        return with(new Besides(besides.prepared, besides.reference, besides.begun, asked, besides.pasted));
    }

    /** More may be pasted into it than an address holds. */
    public Calculator forPasting() {
        return with(new Besides(besides.prepared, besides.reference, besides.begun, besides.asked, true));
    }

    /** What stands in the fields before they are read. */
    Map<String, String> prepared(Map<String, String> typed) {
        return besides.prepared.apply(typed);
    }

    public Optional<Shown> reference() {
        return besides.reference;
    }

    Set<Characteristic> asked() {
        return besides.asked;
    }

    public boolean pasted() {
        return besides.pasted;
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
        example.putAll(besides.begun);
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

package org.eskarn.app.api;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.eskarn.app.page.Words;
import tools.jackson.databind.JsonNode;

/** An OpenAPI description (3.1), to be read by people. */
record InterfacePage(String title, String explained, List<Request> requests, List<Shape> shapes) {

    private static final String SHAPES = "#/components/schemas/";

    /** A value that is sent or answered; of type {@code shape} where that is not empty. */
    record Value(String name, String type, String shape) {}

    /**
     * @param asked in the address
     * @param sent what stands in the body; none where nothing is sent
     * @param answers what comes back where nothing is wrong
     */
    record Request(
            String method, String path, String summary, List<Value> asked, List<Value> sent, List<Value> answers) {}

    record Shape(String name, List<Value> values) {}

    /** The shape of what comes back where something is wrong. */
    public String problem() {
        return ApiDescription.PROBLEM;
    }

    static InterfacePage of(JsonNode document) {
        List<Request> requests = new ArrayList<>();
        document.path("paths")
                .propertyStream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(path -> path.getValue()
                        .propertyStream()
                        .forEach(each -> requests.add(request(path.getKey(), each.getKey(), each.getValue()))));
        return new InterfacePage(
                document.path("info").path("title").asString(""),
                document.path("info").path("description").asString(""),
                requests,
                document.path("components")
                        .path("schemas")
                        .propertyStream()
                        .map(each -> new Shape(
                                each.getKey(),
                                each.getValue()
                                        .path("properties")
                                        .propertyStream()
                                        .map(value -> value(value.getKey(), value.getValue()))
                                        .toList()))
                        .sorted(Comparator.comparing(Shape::name))
                        .toList());
    }

    private static Request request(String path, String method, JsonNode operation) {
        List<Value> asked = new ArrayList<>();
        operation
                .path("parameters")
                .forEach(each -> asked.add(value(each.path("name").asString(), each.path("schema"))));
        List<Value> answers = operation
                .path("responses")
                .propertyStream()
                .filter(each -> !each.getKey().equals("default"))
                .map(each -> body(each.getKey(), each.getValue()))
                .flatMap(List::stream)
                .toList();
        return new Request(
                method.toUpperCase(Locale.ROOT),
                path,
                operation.path("summary").asString(""),
                asked,
                body("", operation.path("requestBody")),
                answers);
    }

    private static List<Value> body(String name, JsonNode body) {
        return body.path("content")
                .propertyStream()
                .map(content -> value(name, content.getValue().path("schema")))
                .toList();
    }

    private static Value value(String name, JsonNode schema) {
        boolean many = schema.has("items");
        JsonNode one = many ? schema.path("items") : schema;
        String shape = one.path("$ref").asString("").replace(SHAPES, "");
        String type = shape.isEmpty() ? type(one) : shape;
        return new Value(name, many ? Words.say("api.list-of", type) : type, shape);
    }

    private static String type(JsonNode schema) {
        if (schema.has("enum")) {
            return schema.path("enum").valueStream().map(JsonNode::asString).collect(Collectors.joining(" | "));
        }
        String type = schema.path("type").asString("");
        return schema.path("format").asString("").startsWith("date")
                ? schema.path("format").asString()
                : type;
    }
}

package org.eskarn.app.requests;

import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.context.ApplicationContext;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * One address of the application, from its own mapping.
 *
 * @param fields what its handler reads, by name, with the type it becomes
 */
record Route(String method, String pattern, Map<String, Class<?>> fields) {

    static List<Route> all(ApplicationContext application) {
        RequestMappingHandlerMapping mapping =
                application.getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class);
        return mapping.getHandlerMethods().entrySet().stream()
                .flatMap(each -> of(each.getKey(), each.getValue().getMethod()))
                .filter(route -> !Set.of("/sign-out", "/sign-in").contains(route.pattern()))
                .sorted(Comparator.comparing(Route::toString))
                .toList();
    }

    private static Stream<Route> of(RequestMappingInfo info, Method handler) {
        Map<String, Class<?>> fields = new LinkedHashMap<>();
        for (Parameter parameter : handler.getParameters()) {
            RequestParam named = parameter.getAnnotation(RequestParam.class);
            if (named != null) {
                fields.put(named.name().isEmpty() ? parameter.getName() : named.name(), parameter.getType());
            } else if (parameter.getType().isRecord()) {
                fieldsOf("", parameter.getType(), fields);
            }
        }
        List<String> methods = new ArrayList<>();
        info.getMethodsCondition().getMethods().forEach(method -> methods.add(method.name()));
        if (methods.isEmpty()) {
            methods.addAll(List.of("GET", "POST"));
        }
        return info.getPatternValues().stream()
                .flatMap(pattern -> methods.stream().map(method -> new Route(method, pattern, fields)));
    }

    private static void fieldsOf(String before, Class<?> form, Map<String, Class<?>> fields) {
        for (RecordComponent component : form.getRecordComponents()) {
            if (component.getType().isRecord()) {
                fieldsOf(before + component.getName() + ".", component.getType(), fields);
            } else {
                fields.put(before + component.getName(), component.getType());
            }
        }
    }
}

package org.eskarn.app.page;

import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.core.ResolvableType;
import org.springframework.core.convert.support.DefaultConversionService;
import org.springframework.validation.DataBinder;

/** Fills a form from fields by their names, as a request does. */
public final class FormFields {

    private FormFields() {}

    /**
     * @throws IllegalArgumentException if a field is none of the form's choices
     */
    public static <T> T bind(Class<T> form, Map<String, ?> fields) {
        DataBinder binder = new DataBinder(null);
        binder.setTargetType(ResolvableType.forClass(form));
        binder.setConversionService(new DefaultConversionService());
        binder.construct(new DataBinder.ValueResolver() {
            @Override
            public @Nullable Object resolveValue(String name, Class<?> type) {
                return fields.get(name);
            }

            @Override
            public Set<String> getNames() {
                return Set.copyOf(fields.keySet());
            }
        });
        if (binder.getBindingResult().hasErrors()) {
            throw new IllegalArgumentException(binder.getBindingResult().toString());
        }
        return Objects.requireNonNull(form.cast(binder.getTarget()));
    }
}

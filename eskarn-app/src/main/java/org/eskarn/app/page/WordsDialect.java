package org.eskarn.app.page;

import java.util.Locale;
import java.util.Set;
import org.eskarn.core.result.Note;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.dialect.IExpressionObjectDialect;
import org.thymeleaf.expression.IExpressionObjectFactory;

/** Lets an expression of a template word a key with any number of arguments: {@code #words.say('docket.of', 3, 8)}. */
@Component
class WordsDialect implements IExpressionObjectDialect {

    private static final String NAME = "words";

    /** What stands behind {@code #words}. */
    public static final class InTemplates {

        /** A text of the app as it is, or what the core says. */
        public String of(Object text) {
            return text instanceof Note note ? Words.of(note) : String.valueOf(text);
        }

        /** What styles and drawn marks call a choice: “not-proven”. */
        public String style(Enum<?> choice) {
            return choice.name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        public String say(String key, @Nullable Object @Nullable ... arguments) {
            return arguments == null ? Words.say(key, "null") : Words.say(key, arguments);
        }
    }

    @Override
    public String getName() {
        return "Eskarn's words";
    }

    @Override
    public IExpressionObjectFactory getExpressionObjectFactory() {
        return new IExpressionObjectFactory() {
            private final InTemplates words = new InTemplates();

            @Override
            public Set<String> getAllExpressionObjectNames() {
                return Set.of(NAME);
            }

            @Override
            public Object buildObject(IExpressionContext context, String expressionObjectName) {
                return words;
            }

            @Override
            public boolean isCacheable(String expressionObjectName) {
                return true;
            }
        };
    }
}

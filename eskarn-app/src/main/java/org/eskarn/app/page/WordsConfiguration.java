package org.eskarn.app.page;

import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.MessageSource;
import org.springframework.context.MessageSourceResolvable;
import org.springframework.context.NoSuchMessageException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Gives templates the same words as the program. */
@Configuration(proxyBeanMethods = false)
class WordsConfiguration {

    @Bean
    MessageSource messageSource() {
        return new WordsSource();
    }

    /** Eskarn speaks one language; a second would be a second set of files. */
    private static final class WordsSource implements MessageSource {

        @Override
        public @Nullable String getMessage(
                String code, Object @Nullable [] arguments, @Nullable String usual, @Nullable Locale locale) {
            return find(code, arguments).orElse(usual);
        }

        @Override
        public String getMessage(String code, Object @Nullable [] arguments, @Nullable Locale locale) {
            return find(code, arguments).orElseThrow(() -> new NoSuchMessageException(code));
        }

        @Override
        public String getMessage(MessageSourceResolvable resolvable, @Nullable Locale locale) {
            String[] codes = Objects.requireNonNullElse(resolvable.getCodes(), new String[0]);
            for (String code : codes) {
                Optional<String> found = find(code, resolvable.getArguments());
                if (found.isPresent()) {
                    return found.get();
                }
            }
            return Objects.requireNonNullElse(resolvable.getDefaultMessage(), "");
        }

        private static Optional<String> find(String code, Object @Nullable [] arguments) {
            return Words.find(code, arguments == null ? new Object[0] : arguments);
        }
    }
}

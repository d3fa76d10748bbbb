package org.eskarn.app.ledger;

import java.util.Locale;
import java.util.Map;
import org.eskarn.app.picture.engine.Picture;
import org.eskarn.app.picture.engine.VerdictRule;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Writes pictures as SVG by the templates that draw them on pages, so that a document keeps what the signer saw. */
@Component
public class DrawingWriter {

    private final ITemplateEngine templates;

    DrawingWriter(ITemplateEngine templates) {
        this.templates = templates;
    }

    public String write(Picture picture) {
        return written("ledger/drawing", Map.of("picture", picture, "box", picture.smallBox()));
    }

    /** The wide verdict rule; empty where it shows nothing. */
    String write(VerdictRule rule, String symbol) {
        return rule.drawn() ? written("ledger/rule", Map.of("rule", rule, "symbol", symbol)) : "";
    }

    private String written(String template, Map<String, Object> variables) {
        return templates
                .process(template, new Context(Locale.ENGLISH, variables))
                .strip();
    }
}

package org.eskarn.app.api;

import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.security.SecurityRequirement;
import io.swagger.v3.oas.models.security.SecurityScheme;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.eskarn.app.page.Words;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What the OpenAPI description says beyond what the code of the requests tells by itself. */
@Configuration
class ApiDescription {

    private static final String TOKEN = "token";
    static final String PROBLEM = "Problem";

    private static final Map<String, String> SAID = Map.ofEntries(
            Map.entry("parts", Words.say("api.says-parts")),
            Map.entry("part", Words.say("api.says-part")),
            Map.entry("gauges", Words.say("api.says-gauges")),
            Map.entry("dockets", Words.say("api.says-dockets")),
            Map.entry("open", Words.say("api.says-open")),
            Map.entry("docket", Words.say("api.says-docket")),
            Map.entry("sweeps", Words.say("api.says-sweeps")),
            Map.entry("take", Words.say("api.says-take")),
            Map.entry("ledger", Words.say("api.says-ledger")),
            Map.entry("document", Words.say("api.says-document")));

    @Bean
    OpenAPI description() {
        return new OpenAPI()
                .info(new Info()
                        .title(Words.say("api.interface-title"))
                        .version("1")
                        .description(Words.say("api.interface-explained")))
                .servers(List.of(new Server().url("/")))
                .components(new Components()
                        .addSecuritySchemes(
                                TOKEN,
                                new SecurityScheme()
                                        .type(SecurityScheme.Type.HTTP)
                                        .scheme("bearer")
                                        .description(Words.say("api.tokens-explained")))
                        .addSchemas(
                                PROBLEM,
                                new Schema<>()
                                        .types(Set.of("object"))
                                        .addProperty("title", text())
                                        .addProperty("status", new Schema<>().types(Set.of("integer")))
                                        .addProperty("detail", text())))
                .addSecurityItem(new SecurityRequirement().addList(TOKEN));
    }

    private static Schema<?> text() {
        return new Schema<>().types(Set.of("string"));
    }

    @Bean
    OperationCustomizer saysWhatItIs() {
        return (operation, method) -> {
            operation.setSummary(SAID.get(method.getMethod().getName()));
            operation.setTags(null);
            operation
                    .getResponses()
                    .addApiResponse(
                            "default",
                            new ApiResponse()
                                    .description(Words.say("api.says-problem"))
                                    .content(new Content()
                                            .addMediaType(
                                                    "application/problem+json",
                                                    new MediaType()
                                                            .schema(new Schema<>()
                                                                    .$ref("#/components/schemas/" + PROBLEM)))));
            return operation;
        };
    }
}

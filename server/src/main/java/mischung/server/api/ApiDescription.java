package mischung.server.api;

import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.util.ArrayList;
import java.util.List;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What the code alone does not say: no field is ever left out, and errors are problem documents. */
@Configuration
class ApiDescription {
    static {
        // Headers every press may carry; no part of any operation's own description.
        SpringDocUtils.getConfig().addRequestWrapperToIgnore(Sent.class);
    }

    @Bean
    OpenApiCustomizer describe() {
        return api -> {
            api.setInfo(new Info().title("Mischung").version("1"));
            api.setServers(List.of());
            ModelConverters.getInstance(true).read(Problem.class).forEach(api.getComponents()::addSchemas);
            api.getComponents().getSchemas().values().forEach(ApiDescription::requireAll);
            addProblems(api);
        };
    }

    @SuppressWarnings({"rawtypes", "unchecked"}) // the library's own type is raw
    private static void requireAll(Schema schema) {
        if (schema.getProperties() != null) {
            schema.setRequired(new ArrayList<>(schema.getProperties().keySet()));
        }
    }

    private static void addProblems(OpenAPI api) {
        ApiResponse problem = new ApiResponse()
                .description("What is wrong, where, and what to do")
                .content(new Content()
                        .addMediaType(
                                "application/problem+json",
                                new MediaType().schema(new Schema<>().$ref("#/components/schemas/Problem"))));
        api.getPaths()
                .values()
                .forEach(path -> path.readOperations()
                        .forEach(operation -> operation.getResponses().addApiResponse("default", problem)));
    }
}

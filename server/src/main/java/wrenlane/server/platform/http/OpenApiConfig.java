package wrenlane.server.platform.http;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import wrenlane.finding.Sentence;
import wrenlane.server.platform.problem.FieldWords;

/**
 * Describes the API from its code, where {@code springdoc.api-docs.enabled} is set: for the file that is checked in, served,
 * and that the pages' types are made from.
 */
@ConditionalOnBooleanProperty("springdoc.api-docs.enabled")
@Configuration
class OpenApiConfig {
    @Bean
    OpenAPI description() {
        return new OpenAPI()
                .info(new Info()
                        .title("Wren Lane")
                        .version("1")
                        .description("SI units and radians throughout; names carry their unit. Problems are RFC 9457"
                                + " documents; status 422 lists findings. Sentences say their lengths in metres, and"
                                + " in feet and inches where the address of any request says system=IMPERIAL."))
                .servers(List.of(new Server().url("/")));
    }

    static {
        // Written as text.
        SpringDocUtils.getConfig().replaceWithClass(Sentence.class, String.class);
    }

    /** A record's component is required unless it may be null or empty, as its type says. */
    @Bean
    ModelConverter requiredComponents() {
        return new ModelConverter() {
            @Override
            public @Nullable Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
                JavaType javaType = Json.mapper().constructType(type.getType());
                if (schema != null && javaType != null && javaType.getRawClass().isRecord()) {
                    require(schema, javaType.getRawClass(), context);
                }
                return schema;
            }
        };
    }

    /** Sentences come from the Javadoc; a field without one is told by the words of its name, which carries its unit. */
    @Bean
    GlobalOpenApiCustomizer sentences() {
        return api -> {
            for (Schema<?> schema : api.getComponents().getSchemas().values()) {
                if (schema.getProperties() != null) {
                    schema.getProperties().forEach((name, field) -> {
                        if (field.getDescription() == null) {
                            field.setDescription(FieldWords.of(name));
                        }
                    });
                }
            }
        };
    }

    /** What a request may not have is said too: the server refuses a field it does not know. */
    @Bean
    GlobalOpenApiCustomizer nothingElse() {
        return api -> {
            Map<String, Schema> all = api.getComponents().getSchemas();
            Set<String> asked = new HashSet<>();
            for (PathItem path : api.getPaths().values()) {
                for (Operation call : path.readOperations()) {
                    if (call.getRequestBody() != null) {
                        call.getRequestBody().getContent().values().forEach(c -> reach(c.getSchema(), all, asked));
                    }
                }
            }
            for (String name : asked) {
                Schema<?> schema = all.get(name);
                if (schema != null && schema.getProperties() != null && schema.getAdditionalProperties() == null) {
                    schema.setAdditionalProperties(false);
                }
            }
        };
    }

    /** Adds the names of all that a schema leads to. */
    private static void reach(@Nullable Schema<?> schema, Map<String, Schema> all, Set<String> reached) {
        if (schema == null) {
            return;
        }
        if (schema.get$ref() != null) {
            String name = nameOf(schema.get$ref());
            if (reached.add(name)) {
                reach(all.get(name), all, reached);
            }
        }
        reach(schema.getItems(), all, reached);
        if (schema.getProperties() != null) {
            schema.getProperties().values().forEach(field -> reach(field, all, reached));
        }
        if (schema.getAdditionalProperties() instanceof Schema<?> values) {
            reach(values, all, reached);
        }
    }

    private static String nameOf(String ref) {
        return ref.substring(ref.lastIndexOf('/') + 1);
    }

    /** Names of what a record always has; parts that stand beside the rest in the JSON name theirs. */
    private static Stream<String> required(Class<?> record) {
        return Arrays.stream(record.getRecordComponents())
                .filter(c -> !c.getAnnotatedType().isAnnotationPresent(Nullable.class) && c.getType() != Optional.class)
                .flatMap(c -> c.getAccessor().isAnnotationPresent(JsonUnwrapped.class)
                        ? required(c.getType())
                        : Stream.of(c.getName()));
    }

    private static void require(Schema<?> schema, Class<?> record, ModelConverterContext context) {
        Schema<?> defined = schema;
        if (schema.get$ref() != null) {
            String ref = schema.get$ref();
            defined = context.getDefinedModels().get(nameOf(ref));
        }
        if (defined == null || defined.getProperties() == null) {
            return;
        }
        defined.setRequired(
                required(record).filter(defined.getProperties()::containsKey).toList());
        for (RecordComponent c : record.getRecordComponents()) {
            if (c.getAccessor().isAnnotationPresent(VisibleText.class)
                    && defined.getProperties().containsKey(c.getName())) {
                defined.getProperties().get(c.getName()).setPattern("\\S");
            }
        }
    }
}

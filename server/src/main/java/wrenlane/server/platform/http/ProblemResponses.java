package wrenlane.server.platform.http;

import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springdoc.core.customizers.GlobalOpenApiCustomizer;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;

/** Describes for every call with which problems (RFC 9457) it may be answered. */
@ConditionalOnBooleanProperty("springdoc.api-docs.enabled")
@Component
class ProblemResponses implements GlobalOpenApiCustomizer {
    private static final String PROBLEM = "Problem";

    /** What each status means here. */
    private static final Map<Integer, String> MEANINGS = new TreeMap<>(Map.of(
            400, "The request cannot be read: a number, a name or the address is not what is expected.",
            401, "The device is not signed in; devices of the network sign in with the school's passphrase.",
            404, "A thing that the address names is not there.",
            409, "The thing is in use, or a newer request of the same page took the place of this one.",
            412, "The thing was changed since it was read; the problem holds its state now and what was sent.",
            422,
                    "The request can be read, but something in it is wrong: every finding says what, where and what to do.",
            428, "If-Match is missing: say which version was read.",
            429, "Too much is asked at once; Retry-After says when to ask again.",
            503, "The data cannot be reached just now; nothing was stored."));

    @Override
    public void customise(OpenAPI api) {
        Components components = api.getComponents();
        components.addSchemas(PROBLEM, schema());
        MEANINGS.forEach((status, meaning) -> components.addResponses(name(status), response(meaning)));
        api.getPaths()
                .forEach((address, path) -> path.readOperationsMap()
                        .forEach((method, call) -> MEANINGS.keySet().stream()
                                .filter(status -> canEndWith(status, method, call))
                                .forEach(status -> call.getResponses()
                                        .addApiResponse(
                                                String.valueOf(status),
                                                new ApiResponse().$ref("#/components/responses/" + name(status))))));
    }

    private static String name(int status) {
        return PROBLEM + status;
    }

    private static boolean canEndWith(int status, PathItem.HttpMethod method, Operation call) {
        boolean writes = method != PathItem.HttpMethod.GET;
        return switch (status) {
            case 400 -> call.getRequestBody() != null || call.getParameters() != null;
            case 404 -> has(call, "path") || call.getRequestBody() != null;
            case 409 -> writes;
            case 412, 428 -> hasVersion(call);
            case 422 -> call.getRequestBody() != null || has(call, "query");
            default -> true;
        };
    }

    private static boolean has(Operation call, String in) {
        return call.getParameters() != null && call.getParameters().stream().anyMatch(p -> in.equals(p.getIn()));
    }

    private static boolean hasVersion(Operation call) {
        return call.getParameters() != null
                && call.getParameters().stream().anyMatch(p -> HttpHeaders.IF_MATCH.equals(p.getName()));
    }

    private static ApiResponse response(String meaning) {
        Schema<?> problem = new Schema<>().$ref("#/components/schemas/" + PROBLEM);
        return new ApiResponse()
                .description(meaning)
                .content(new Content().addMediaType("application/problem+json", new MediaType().schema(problem)));
    }

    private static Schema<?> schema() {
        return new ObjectSchema()
                .description("What went wrong, what was kept, and what to do.")
                .addProperty("title", new StringSchema().description("The status in words."))
                .addProperty("status", new IntegerSchema().description("The status of HTTP."))
                .addProperty("detail", new StringSchema().description("A sentence for a person."))
                .addProperty(
                        "findings",
                        new ArraySchema()
                                .items(new Schema<>().$ref("#/components/schemas/Finding"))
                                .description("Everything that is wrong in the request, of status 422."))
                .addProperty("current", new ObjectSchema().description("The thing as it is stored now, of status 412."))
                .addProperty("wanted", new ObjectSchema().description("What was sent, of status 412."))
                .required(List.of("title", "status", "detail"));
    }
}

package wrenlane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.server.fixture.RunningApp;

/** The pages' types are made from {@code openapi.json}; run with {@code -Dopenapi.write=true} to write it anew. */
class OpenApiDocumentTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.with("--springdoc.api-docs.enabled=true");

    private static final Path DOCUMENT = Path.of("openapi.json");
    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    @Test
    void theCheckedInDocumentIsWhatTheApplicationServes() throws IOException {
        JsonNode served = APP.get("/api/openapi.json").body();
        if (Boolean.getBoolean("openapi.write")) {
            Files.writeString(DOCUMENT, JSON.writeValueAsString(served) + "\n");
        }
        assertThat(JSON.readTree(Files.readString(DOCUMENT)))
                .as("openapi.json has drifted: run ./wren openapi and commit it")
                .isEqualTo(served);
    }

    @Test
    void describesEveryProblemFreeAnswerWithRequiredFields() {
        JsonNode yard = APP.get("/api/openapi.json").body().at("/components/schemas/YardResponse/required");
        assertThat(yard.toString()).contains("name", "cautions").doesNotContain("bay");
    }

    @Test
    void describesEveryProblemThatCallMayEndWith() {
        JsonNode api = APP.get("/api/openapi.json").body();
        assertThat(api.at("/paths/~1api~1riders~1{id}/put/responses").propertyNames())
                .contains("200", "400", "401", "404", "409", "412", "422", "428", "429", "503");
        assertThat(api.at("/paths/~1api~1riders/get/responses").propertyNames())
                .containsExactlyInAnyOrder("200", "401", "429", "503");
        for (JsonNode path : api.at("/paths")) {
            for (JsonNode call : path) {
                assertThat(call.at("/responses/503/$ref").asString()).isEqualTo("#/components/responses/Problem503");
            }
        }
    }

    /** Whoever writes to the API reads what each call does and what each field means, with its unit. */
    @Test
    void everyCallAndFieldHasASentence() {
        JsonNode api = APP.get("/api/openapi.json").body();
        List<String> untold = new ArrayList<>();
        for (JsonNode path : api.at("/paths")) {
            for (JsonNode call : path) {
                if (!call.path("description").asString("").endsWith(".")) {
                    untold.add(call.path("operationId").asString());
                }
            }
        }
        api.at("/components/schemas")
                .forEachEntry((name, schema) -> schema.path("properties").forEachEntry((field, told) -> {
                    if (told.path("description").asString("").isBlank()) {
                        untold.add(name + "." + field);
                    }
                }));
        assertThat(untold).isEmpty();
        assertThat(api.at("/components/schemas/WindowJson/properties/judged/description")
                        .asString())
                .contains("m/s");
    }
}

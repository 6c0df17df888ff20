package wrenlane.server.imports;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.finding.Finding;
import wrenlane.server.http.RefusedException;
import wrenlane.server.http.StrictJson;

/** Reads a file of days: JSON, of this format, valid by its schema; or refuses it with every problem and its place. */
@Component
class DocumentReader {
    private static final String SCHEMA = "/formats/wren-lane-days-3.schema.json";

    /** Most problems told; chosen by us: a file with more is of another kind. */
    private static final int MOST_TOLD = 100;

    /** A key twice in one object would lose one of them: that is said instead. What is not known is kept, not refused. */
    private final JsonMapper json = StrictJson.strict(JsonMapper.builder())
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    private final Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(text(), InputFormat.JSON);

    private static String text() {
        try (InputStream in = Optional.ofNullable(DocumentReader.class.getResourceAsStream(SCHEMA))
                .orElseThrow(() -> new IllegalStateException(SCHEMA + " is missing from the build"))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The document; whatever is wrong with it is refused. */
    ImportDocument read(String file) {
        JsonNode tree = tree(file);
        String format = tree.path("format").asString("");
        if (!format.equals(ImportDocument.FORMAT)) {
            throw RefusedException.of(
                    "format-unknown",
                    "/format",
                    "This file is not in the format " + ImportDocument.FORMAT
                            + (format.isBlank() || format.length() > 40 ? "." : "; it says " + format + "."));
        }
        List<Error> errors = errors(tree);
        if (!errors.isEmpty()) {
            throw new RefusedException(errors.stream()
                    .limit(MOST_TOLD)
                    .map(e -> new Finding(
                            "schema-" + e.getKeyword(),
                            shortened(String.valueOf(e.getInstanceLocation())),
                            shortened(e.getInstanceLocation() + ": " + e.getMessage())))
                    .toList());
        }
        try {
            return json.treeToValue(tree, ImportDocument.class);
        } catch (JacksonException e) {
            throw RefusedException.of("not-readable", place(e), place(e) + " is not what is expected there.");
        }
    }

    /** Names a person made up may be of any length: words past it are cut. */
    private static String shortened(String text) {
        return text.replaceAll("([^\\s/]{60})[^\\s/]+", "$1…");
    }

    /** The validator itself gives up at numbers that no machine number holds. */
    private List<Error> errors(JsonNode tree) {
        try {
            return schema.validate(tree);
        } catch (JacksonException e) {
            throw RefusedException.of(
                    "number-too-large", "", "A number in this file is far out of any range that is allowed there.");
        }
    }

    private JsonNode tree(String file) {
        try {
            JsonNode tree = json.readTree(file);
            if (!tree.isObject()) {
                throw RefusedException.of("not-json", "", "A file of days is a JSON object.");
            }
            return tree;
        } catch (JacksonException e) {
            throw RefusedException.of(
                    "not-json",
                    e.getLocation() == null
                            ? ""
                            : "line " + e.getLocation().getLineNr() + ", column "
                                    + e.getLocation().getColumnNr(),
                    "This file is not JSON"
                            + (e.getLocation() == null
                                    ? "."
                                    : "; it stops making sense in line "
                                            + e.getLocation().getLineNr() + ", column "
                                            + e.getLocation().getColumnNr() + "."));
        }
    }

    private static String place(JacksonException e) {
        StringBuilder path = new StringBuilder();
        e.getPath()
                .forEach(p -> path.append('/')
                        .append(p.getPropertyName() == null ? String.valueOf(p.getIndex()) : p.getPropertyName()));
        return path.toString();
    }
}

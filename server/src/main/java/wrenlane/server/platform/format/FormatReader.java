package wrenlane.server.platform.format;

import com.fasterxml.jackson.annotation.JsonInclude;
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
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import wrenlane.finding.Finding;
import wrenlane.server.platform.http.StrictJson;
import wrenlane.server.platform.problem.RefusedException;

/**
 * Reads a file in one of the app's own open formats: JSON, of that format, valid by its published schema; or refuses it
 * with every problem and its place. A key twice in one object would lose one of them: that is said instead. Fields the
 * schema allows but the type does not know are for the type to keep.
 *
 * @param <T> what it is read into
 */
public final class FormatReader<T> {
    /** Most problems told; chosen by us: a file with more is of another kind. */
    private static final int MOST_TOLD = 100;

    private final JsonMapper json = StrictJson.strict(JsonMapper.builder())
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .changeDefaultPropertyInclusion(v -> v.withValueInclusion(JsonInclude.Include.NON_ABSENT))
            .build();

    private final String format;
    private final Class<T> type;
    private final Schema schema;
    private final List<Upgrade> upgrades;

    /**
     * A reader of one format.
     *
     * @param format such as {@code wren-lane-days/4}; its schema is {@code wren-lane-days-4.schema.json}
     * @param upgrades of older versions that are read too, oldest first, each to the next; the last to this one
     */
    public FormatReader(String format, Class<T> type, Upgrade... upgrades) {
        this.format = format;
        this.type = type;
        this.schema = schema(format);
        this.upgrades = List.of(upgrades);
    }

    private static Schema schema(String format) {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(text("/formats/" + format.replace('/', '-') + ".schema.json"), InputFormat.JSON);
    }

    private static String text(String resource) {
        try (InputStream in = Optional.ofNullable(FormatReader.class.getResourceAsStream(resource))
                .orElseThrow(() -> new IllegalStateException(resource + " is missing from the build"))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The document; whatever is wrong with it is refused. */
    public T read(String file) {
        return read(tree(file));
    }

    /** The same of a value that would be written so: whatever of it the schema does not allow is refused. */
    public T checked(T value) {
        return read(json.valueToTree(value));
    }

    /** As it is written in a file. */
    public String written(T value) {
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(value);
    }

    private T read(JsonNode tree) {
        for (int i = 0; i < upgrades.size(); i++) {
            if (format(tree).equals(upgrades.get(i).from())) {
                upgrade((ObjectNode) tree, i);
            }
        }
        String said = format(tree);
        if (!said.equals(format)) {
            throw RefusedException.of(
                    "format-unknown",
                    "/format",
                    "This file is not in the format " + format
                            + (said.isBlank() || said.length() > 40 ? "." : "; it says " + said + "."));
        }
        refuse(errors(schema, tree));
        try {
            return json.treeToValue(tree, type);
        } catch (JacksonException e) {
            throw RefusedException.of("not-readable", place(e), place(e) + " is not what is expected there.");
        }
    }

    private static String format(JsonNode tree) {
        return tree.path("format").asString("");
    }

    private void upgrade(ObjectNode tree, int i) {
        Upgrade upgrade = upgrades.get(i);
        refuse(errors(schema(upgrade.from()), tree));
        upgrade.change().accept(tree);
        tree.put("format", i + 1 < upgrades.size() ? upgrades.get(i + 1).from() : format);
    }

    private static void refuse(List<Error> errors) {
        if (!errors.isEmpty()) {
            throw new RefusedException(errors.stream()
                    .limit(MOST_TOLD)
                    .map(e -> new Finding(
                            "schema-" + e.getKeyword(),
                            shortened(String.valueOf(e.getInstanceLocation())),
                            shortened(e.getInstanceLocation() + ": " + e.getMessage())))
                    .toList());
        }
    }

    /** Names a person made up may be of any length: words past it are cut. */
    private static String shortened(String text) {
        return text.replaceAll("([^\\s/]{60})[^\\s/]+", "$1…");
    }

    /** The validator itself gives up at numbers that no machine number holds. */
    private static List<Error> errors(Schema schema, JsonNode tree) {
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
                throw RefusedException.of("not-json", "", "Such a file is a JSON object.");
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

package wrenlane.server.exchange.days;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.MarkerColour;
import wrenlane.lesson.Weather;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.Transmission;
import wrenlane.rider.Reach;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RidingMethod;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;
import wrenlane.yard.Corner;
import wrenlane.yard.Obstacle;
import wrenlane.yard.Surface;

/** A file comes in whole or not at all, and goes out as it came. */
class ImportTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final Path SCHEMA = Path.of("../docs/formats/wren-lane-days-4.schema.json");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static String demo() throws IOException {
        return Files.readString(Path.of("../demo/ferry-apron.json"));
    }

    /** Everything stored, counted. */
    private static List<Integer> counts() {
        JdbcTemplate sql = APP.bean(JdbcTemplate.class);
        return List.of("yard", "machine", "rider", "course", "day", "run", "kit", "kept_field", "goal").stream()
                .map(table -> sql.queryForObject("SELECT count(*) FROM " + table, Integer.class))
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "wren-lane-days/4 | wren-lane-days/9 | wren-lane-days/9",
                "\"yard\": \"apron\" | \"yard\": \"quay\" | quay",
                "\"rider\": \"sol\" | \"rider\": \"nobody\" | nobody",
                "\"7.2 m\" | \"seven\" | seven",
                "\"key\": \"twin\" | \"key\": \"scooter\" | twice",
                "\"daysAgo\": 0 | \"nothing\": null | daysAgo",
                "\"learning\": 0.05 | \"learning\": 7 | learning",
                "\"5.32 m\" | \"1 m\" | 1.00 m",
                "\"level\": \"SKILLED\" | \"level\": \"EXPERT\" | /riders/5/level",
                "\"fallPercent\": 1.2 | \"fallPercent\": 1.2, \"fallPercnt\": 2 | fallPercnt",
                "\"kind\": \"straight-weave\" | \"kind\": \"loop\" | loop",
                "\"side\": 4 | \"side\": 9 | side",
                "\"inDays\": 42 | \"inDays\": 42, \"by\": \"2026-05-14\" | or inDays",
                "\"setting\": \"6.2 m\" | \"setting\": \"62 m\" | Width must be",
                "\"everyDays\": 7 | \"everyDays\": 77 | everyDays",
            })
    void aFaultAnywhereLeavesNothingBehind(String good, String bad, String said) throws IOException {
        assertThat(demo()).contains(good);
        List<Integer> before = counts();
        String spoilt = demo().replace(good, bad);
        JsonNode preview =
                APP.send("POST", "/api/calculations/import-previews", spoilt).body();
        assertThat(preview.get("findings").toString()).contains(said);
        RunningApp.Answer answer = APP.send("POST", "/api/imports", spoilt);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(422);
        assertThat(answer.raw().body()).contains(said);
        assertThat(counts()).isEqualTo(before);
    }

    @Test
    void everyProblemIsListedWithItsPlace() throws IOException {
        String spoilt = demo().replace("\"7.2 m\"", "\"seven\"").replace("\"5.32 m\"", "\"1 m\"");
        JsonNode findings = APP.send("POST", "/api/calculations/import-previews", spoilt)
                .body()
                .get("findings");
        assertThat(findings.size()).isEqualTo(2);
        assertThat(findings.at("/0/where").asString()).isEqualTo("/machines/1");
        assertThat(findings.at("/1/where").asString()).isEqualTo("/courses/0");
        // The days need the course that was refused: that is told once, with the course.
    }

    @Test
    void aPreviewSaysWhatWouldComeInAndStoresNothing() throws IOException {
        List<Integer> before = counts();
        JsonNode preview =
                APP.send("POST", "/api/calculations/import-previews", demo()).body();
        assertThat(preview.get("findings").size()).isZero();
        assertThat(preview.get("adds").size()).isEqualTo(1 + 7 + 7 + 4 + 5);
        assertThat(preview.at("/adds/0/name").asString()).isEqualTo("Ferry apron, Gullpoint");
        assertThat(counts()).isEqualTo(before);
    }

    @Test
    void bringsInWhatItSays() throws IOException {
        RunningApp.Answer answer = APP.send("POST", "/api/imports", demo());
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(201);
        assertThat(answer.body().get("riders").asInt()).isEqualTo(7);
        assertThat(answer.body().get("machines").asInt()).isEqualTo(7);
        assertThat(answer.body().get("simulatedRuns").asInt()).isBetween(360, 440);
        assertThat(APP.get("/api/kit").body().at("/conesOwned/TALL").asInt()).isEqualTo(14);
    }

    /** In, out, in and out again: the second file is the first, and the schema takes both. Unknown fields come along. */
    @Test
    void aDayGoesOutAndComesInWithoutLoss() throws IOException {
        ObjectNode file = withoutRuns();
        ((ObjectNode) file.at("/days/4")).put("weather", "dry, wind from the sea");
        ((ObjectNode) file.at("/machines/1")).putObject("owner").put("tyres", 2);
        assertThat(APP.send("POST", "/api/imports", file.toString()).status()).isEqualTo(201);
        String first = exported("Gullpoint slow-riding school, lesson 5");
        assertThat(APP.send("POST", "/api/imports", first).status()).isEqualTo(201);
        String second = exported("Gullpoint slow-riding school, lesson 5");
        assertThat(JSON.readTree(second)).isEqualTo(JSON.readTree(first));
        assertThat(first).contains("wind from the sea", "tyres", "\"46.5 m\"", "uncertaintyMetres");
        assertThat(JSON.readTree(first).at("/days/0/stands").size()).isEqualTo(4);
        JsonNode goal = JSON.readTree(first).at("/riders/1/goal");
        assertThat(goal.get("name").asString()).isEqualTo("The lane behind the house");
        // By its date from now on: it does not move with the day it is brought in.
        assertThat(goal.has("by")).isTrue();
        assertThat(goal.has("inDays")).isFalse();
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(SCHEMA), InputFormat.JSON);
        assertThat(schema.validate(JSON.readTree(first))).isEmpty();
        assertThat(schema.validate(JSON.readTree(demo()))).isEmpty();
    }

    private static String exported(String title) {
        // The day brought in last is listed first among those of one date.
        JsonNode day = APP.get("/api/days")
                .body()
                .valueStream()
                .filter(d -> d.get("title").asString().equals(title))
                .findFirst()
                .orElseThrow();
        return APP.get("/api/days/" + day.get("id").asLong() + "/export.json")
                .raw()
                .body();
    }

    @Test
    void aCourseGoesOutAndComesInWithoutLoss() {
        long id = APP.post("/api/courses", Courses.box(6.35)).body().get("id").asLong();
        String file = APP.get("/api/courses/" + id + "/export.json").raw().body();
        assertThat(APP.send("POST", "/api/imports", file).body().get("courses").asInt())
                .isEqualTo(1);
        JsonNode last = APP.get("/api/courses")
                .body()
                .valueStream()
                .reduce((a, b) -> a.get("id").asLong() > b.get("id").asLong() ? a : b)
                .orElseThrow();
        ObjectNode stored = (ObjectNode) APP.get("/api/courses/" + id).body().deepCopy();
        assertThat(last.get("id").asLong()).isGreaterThan(id);
        assertThat(((ObjectNode) last.deepCopy()).without("id")).isEqualTo(stored.without("id"));
    }

    @Test
    void theSchemaKnowsEveryWordTheAppKnows() throws IOException {
        JsonNode defs = JSON.readTree(Files.readString(SCHEMA)).get("$defs");
        same(defs.at("/ground/properties/surface/enum"), Surface.values());
        same(defs.at("/ground/properties/outline/properties/corners/items/enum"), Corner.values());
        same(defs.at("/ground/properties/obstacles/items/properties/kind/enum"), Obstacle.Kind.values());
        same(defs.at("/machine/properties/transmission/enum"), Transmission.values());
        same(defs.at("/machine/properties/figures/items/properties/dimension/enum"), MachineDimension.values());
        same(defs.at("/rider/properties/level/enum"), RiderLevel.values());
        same(defs.at("/day/properties/lesson/properties/weather/enum"), Weather.values());
        same(defs.at("/rider/properties/school/enum"), RidingMethod.values());
        same(defs.at("/rider/properties/reach/enum"), Reach.values());
        same(defs.at("/marker/properties/sort/enum"), ConeSort.values());
        same(defs.at("/marker/properties/colour/enum"), MarkerColour.values());
        same(
                JSON.readTree(Files.readString(SCHEMA)).at("/properties/kit/properties/conesOwned/propertyNames/enum"),
                ConeSort.values());
    }

    private static void same(JsonNode written, Enum<?>[] known) {
        assertThat(new TreeSet<>(written.valueStream().map(JsonNode::asString).toList()))
                .isEqualTo(new TreeSet<>(Arrays.stream(known).map(Enum::name).toList()));
    }

    private static ObjectNode withoutRuns() throws IOException {
        ObjectNode file = (ObjectNode) JSON.readTree(demo());
        file.remove("virtualRiders");
        return file;
    }

    /** 1,000 files spoilt at random, seeded: findings or a whole import, never an error of ours or half an import. */
    @Test
    void aThousandSpoiltFilesComeInWholeOrNotAtAll() throws IOException {
        Random random = new Random(20260514);
        ObjectNode good = withoutRuns();
        // Two days are enough, and quicker.
        ((ArrayNode) good.get("days")).remove(0);
        ((ArrayNode) good.get("days")).remove(0);
        ((ArrayNode) good.get("days")).remove(0);
        int refused = 0;
        List<Integer> before = counts();
        for (int i = 0; i < 1000; i++) {
            String file = i % 3 == 0
                    ? spoiltText(good.toString(), random)
                    : spoiltTree(good, random).toString();
            RunningApp.Answer answer = APP.send("POST", "/api/imports", file);
            List<Integer> after = counts();
            if (answer.status() == 201) {
                assertThat(after.get(0) - before.get(0))
                        .isEqualTo(answer.body().get("yards").asInt());
                assertThat(after.get(3) - before.get(3))
                        .isEqualTo(answer.body().get("courses").asInt());
                assertThat(after.get(4) - before.get(4))
                        .isEqualTo(answer.body().get("days").asInt());
            } else {
                assertThat(answer.status()).as("file %d: %s", i, file).isIn(400, 422);
                assertThat(answer.body().get("detail").asString()).isNotBlank();
                assertThat(answer.raw().body()).doesNotContain("Exception");
                assertThat(after).isEqualTo(before);
                refused++;
            }
            before = after;
        }
        assertThat(refused).isBetween(500, 999);
    }

    private static String spoiltText(String text, Random random) {
        int at = random.nextInt(text.length());
        return switch (random.nextInt(3)) {
            case 0 -> text.substring(0, at);
            case 1 -> text.substring(0, at) + (char) (32 + random.nextInt(95)) + text.substring(at + 1);
            default -> text.substring(0, at) + text.substring(Math.min(text.length(), at + 1 + random.nextInt(20)));
        };
    }

    private static final List<JsonNode> VALUES = List.of(
            JSON.readTree("null"),
            JSON.readTree("-1"),
            JSON.readTree("1e300"),
            JSON.readTree("0.5"),
            JSON.readTree("\"\""),
            JSON.readTree("\"x\""),
            JSON.readTree("\"7 m\""),
            JSON.readTree("true"),
            JSON.readTree("[]"),
            JSON.readTree("{}"),
            JSON.readTree("[[[[1]]]]"),
            JSON.readTree("\"2026-02-31\""));

    /** Replaces, removes or doubles one value somewhere. */
    private static JsonNode spoiltTree(JsonNode good, Random random) {
        JsonNode file = good.deepCopy();
        JsonNode at = file;
        while (true) {
            JsonNode next = child(at, random);
            if (next == null || !next.isContainer() || next.isEmpty() || random.nextInt(4) == 0) {
                break;
            }
            at = next;
        }
        JsonNode value = VALUES.get(random.nextInt(VALUES.size()));
        if (at instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names = List.copyOf(object.propertyNames());
            String name = names.get(random.nextInt(names.size()));
            switch (random.nextInt(3)) {
                case 0 -> object.remove(name);
                case 1 -> object.set(name, value);
                default -> object.set("more" + random.nextInt(9), value);
            }
        } else if (at instanceof ArrayNode array && !array.isEmpty()) {
            int i = random.nextInt(array.size());
            switch (random.nextInt(3)) {
                case 0 -> array.remove(i);
                case 1 -> array.set(i, value);
                default -> array.add(array.get(i).deepCopy());
            }
        }
        return file;
    }

    private static @Nullable JsonNode child(JsonNode at, Random random) {
        if (at.isEmpty()) {
            return null;
        }
        List<JsonNode> children = at.valueStream().toList();
        return children.get(random.nextInt(children.size()));
    }

    @Test
    void aFileOf50MegabytesIsRefusedPolitely() {
        String huge = "{\"format\":\"wren-lane-days/4\",\"notes\":\"" + "x".repeat(50_000_000) + "\"}";
        RunningApp.Answer answer = APP.send("POST", "/api/imports", huge);
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.body().get("detail").asString()).isNotBlank();
    }

    @Test
    void whatRidersHaveShownComesInAndGoesOut() throws IOException {
        APP.send("POST", "/api/imports", demo());
        JsonNode days = APP.get("/api/days").body();
        long day = days.get(0).get("id").asLong();
        JsonNode out = APP.get("/api/days/" + day + "/export.json").body();
        JsonNode shown = out.at("/riders/0/shown/0");
        assertThat(shown.get("drills").toString()).contains("slow-lane-clutch", "gaze-only");
        assertThat(shown.get("machine").asString())
                .isEqualTo(out.at("/riders/0/machine").asString());
        assertThat(shown.has("on")).isTrue();
        assertThat(APP.post("/api/imports", out).status()).isEqualTo(201);
    }

    /** What the lesson is planned from goes along, with riders and courses of its own file; and is checked as the rest is. */
    @Test
    void theLessonOfADayGoesOutAndComesIn() throws IOException {
        APP.send("POST", "/api/imports", demo());
        JsonNode day = APP.get("/api/days").body().get(0);
        String lesson = "/api/days/" + day.get("id").asLong() + "/lesson";
        long away = day.at("/riders/1/riderId").asLong();
        String wanted = day.at("/courseIds/2").asString();
        Map<String, Object> said = Map.of(
                "startsAt",
                "14:15",
                "minutes",
                95,
                "areas",
                2,
                "helpers",
                1,
                "weather",
                "HOT",
                "school",
                "DRAG",
                "absent",
                List.of(away),
                "wishes",
                List.of(Map.of("station", wanted, "minutes", 20), Map.of("station", "open")));
        assertThat(APP.put(lesson, said).status()).isEqualTo(200);
        ObjectNode out = (ObjectNode) APP.get("/api/days/" + day.get("id").asLong() + "/export.json")
                .body()
                .deepCopy();
        assertThat(out.at("/days/0/lesson/wishes").toString())
                .isEqualTo("[{\"course\":\"course-3\",\"minutes\":20},{}]");
        assertThat(APP.post("/api/imports", out).status()).isEqualTo(201);
        JsonNode copy = APP.get("/api/days").body().get(0);
        assertThat(copy.get("id").asLong()).isGreaterThan(day.get("id").asLong());
        JsonNode settings = APP.get("/api/days/" + copy.get("id").asLong() + "/lesson")
                .body()
                .get("settings");
        assertThat(settings.get("startsAt").asString()).isEqualTo("14:15");
        assertThat(settings.get("minutes").asInt()).isEqualTo(95);
        assertThat(settings.get("weather").asString()).isEqualTo("HOT");
        assertThat(settings.get("school").asString()).isEqualTo("DRAG");
        assertThat(settings.at("/absent/0").asLong())
                .isEqualTo(copy.at("/riders/1/riderId").asLong())
                .isNotEqualTo(away);
        assertThat(settings.at("/wishes/0/station").asString())
                .isEqualTo(copy.at("/courseIds/2").asString());
        assertThat(settings.at("/wishes/1/station").asString()).isEqualTo("open");

        // A course of the file that is not on the day, somebody nobody knows, a minute too many: each is said, and
        // nothing comes.
        ((ArrayNode) out.at("/days/0/courses")).remove(2);
        ((ArrayNode) out.at("/days/0/stands")).removeAll();
        assertThat(refusal(out)).contains("A course of the lesson is not on the day");
        ((ArrayNode) out.at("/days/0/lesson/absent")).set(0, "nobody");
        assertThat(refusal(out)).contains("no rider with the key");
        ((ObjectNode) out.at("/days/0/lesson")).put("minutes", 481);
        assertThat(refusal(out)).contains("480");
        assertThat(APP.get("/api/days").body().get(0)).isEqualTo(copy);
    }

    private static String refusal(JsonNode file) {
        RunningApp.Answer answer = APP.post("/api/imports", file);
        assertThat(answer.status()).isEqualTo(422);
        return answer.raw().body();
    }
}

package wrenlane.server.ground.placement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** Courses that stand in one another: what they share is laid once, each is ridden among the others, never two at once. */
class SharedConesAppTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoDay();

    private static JsonNode day() {
        return APP.get("/api/days").body().get(0);
    }

    private static long yard() {
        return day().get("yardId").asLong();
    }

    private static long created(String path, Map<String, Object> body) {
        return APP.post(path, body).body().get("id").asLong();
    }

    private static Map<String, Object> at(long course, double x, double y) {
        return Map.of("courseId", course, "stand", Map.of("xMetres", x, "yMetres", y, "turnRadians", 0));
    }

    private static Map<String, Object> plan(Object... courses) {
        return new HashMap<>(Map.of("yardId", yard(), "courses", List.of(courses), "novices", false));
    }

    @Test
    void aPlaceThatSharesConesIsFoundAndSaid() {
        long stands = created("/api/courses", Courses.box(7.2));
        long comes = created("/api/courses", Courses.box(7.2));
        JsonNode places = APP.post(
                        "/api/calculations/shared-places?courseId=" + comes,
                        plan(at(stands, 12, 6), Map.of("courseId", comes)))
                .body();
        assertThat(places.at("/0/withId").asLong()).isEqualTo(stands);
        assertThat(places.at("/0/cones").asInt()).isEqualTo(10);
        assertThat(places.at("/0/stand/xMetres").asDouble()).isCloseTo(12, within(1e-9));
        JsonNode plan = APP.post("/api/calculations/ground-plans", plan(at(stands, 12, 6), at(comes, 12, 6)))
                .body();
        assertThat(plan.at("/shared/0/cones").size()).isEqualTo(10);
        assertThat(plan.get("markers")
                        .valueStream()
                        .mapToInt(m -> m.get("count").asInt())
                        .sum())
                .isEqualTo(10);
        assertThat(plan.at("/findings/0/code").asString()).isEqualTo("cones-shared");
        assertThat(APP.post("/api/calculations/shared-places?courseId=4711", plan(at(stands, 12, 6)))
                        .status())
                .isEqualTo(422);
    }

    /** The first cone of a weave, 5 m from its start, stands where a box is ridden round, 7 m into it: less room than alone. */
    @Test
    void aCourseIsRiddenAmongTheTallConesOfAnother() {
        long box = created("/api/courses", Courses.box(7.2));
        JsonNode kind = APP.get("/api/course-kinds")
                .body()
                .valueStream()
                .filter(k -> k.get("kind").asString().equals("straight-weave"))
                .findFirst()
                .orElseThrow();
        Map<String, Object> tall = Courses.standard(kind);
        tall.put("name", "Tall weave");
        tall.put("options", Map.of("marking", "TALL"));
        RunningApp.Answer stored = APP.post("/api/courses", tall);
        assertThat(stored.status()).as(stored.body().toString()).isEqualTo(201);
        long weave = stored.body().get("id").asLong();
        Map<String, Object> rides = plan(at(box, 12, 6), at(weave, 14, 9.6));
        rides.remove("novices");
        rides.put(
                "rides",
                List.of(
                        Map.of("machineId", 2, "level", "SKILLED"),
                        Map.of("machineId", 2, "level", "SKILLED"),
                        Map.of("machineId", 3, "level", "NOVICE")));
        JsonNode among =
                APP.post("/api/calculations/overlapping-courses", rides).body();
        assertThat(among.get("unfinished").asBoolean()).isFalse();
        JsonNode inTheBox = among.get("courses")
                .valueStream()
                .filter(c -> c.get("courseId").asLong() == box)
                .findFirst()
                .orElseThrow();
        assertThat(inTheBox.get("cones").toString()).contains("Tall weave ");
        assertThat(inTheBox.get("fits").size())
                .as("each machine and level once")
                .isEqualTo(2);
        JsonNode alone = APP.post(
                        "/api/calculations/course-comparisons",
                        Map.of(
                                "course",
                                Courses.box(7.2),
                                "pairs",
                                List.of(Map.of("machineId", 2, "level", "SKILLED")),
                                "limits",
                                false,
                                "yardId",
                                yard()))
                .body();
        assertThat(inTheBox.at("/fits/0/spareMetres").asDouble())
                .isLessThan(alone.at("/rows/0/asSet/spareMetres").asDouble());
        assertThat(inTheBox.at("/fits/0/ofAnother").asBoolean()).isTrue();
        Map<String, Object> apart = plan(at(box, 12, 6), at(weave, 60, 60));
        apart.remove("novices");
        apart.put("rides", rides.get("rides"));
        assertThat(APP.post("/api/calculations/overlapping-courses", apart)
                        .body()
                        .get("courses")
                        .size())
                .isZero();
    }

    /** Two boxes in one another and one apart, for a day of its own with two areas. */
    @Test
    void whatIsSharedIsBroughtOnceAndNeverRiddenAtOnce() throws IOException {
        long one = created("/api/courses", Courses.box(7.2));
        long same = created("/api/courses", Courses.box(7.2));
        Map<String, Object> wanted = new HashMap<>();
        wanted.put("date", "2026-12-05");
        wanted.put("title", "In one another");
        wanted.put("yardId", yard());
        wanted.put("courseIds", List.of(one, same));
        wanted.put("stands", List.of(at(one, 12, 6), at(same, 12, 6)));
        List<Map<String, Object>> riders = new ArrayList<>();
        day().get("riders")
                .forEach(r -> riders.add(Map.of(
                        "riderId",
                        r.get("riderId").asLong(),
                        "machineId",
                        r.get("machineId").asLong())));
        wanted.put("riders", riders);
        JsonNode stored = APP.post("/api/days", wanted).body();
        String path = "/api/days/" + stored.get("id").asLong();
        JsonNode cones = APP.finished(path + "/briefing").get("cones");
        assertThat(cones.valueStream().mapToInt(c -> c.get("needed").asInt()).sum())
                .isEqualTo(10);
        JsonNode also = APP.get(path + "/shared-cones").body();
        assertThat(also.size()).isEqualTo(20);
        assertThat(also.at("/0/also").asString()).isEqualTo(also.at("/0/label").asString() + " of Test box");
        try (PDDocument pdf = Loader.loadPDF(APP.bytes("/api/courses/" + one + "/setup-sheet.pdf?dayId="
                + stored.get("id").asLong()))) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("also A of Test box");
        }
        JsonNode lesson = APP.put(
                        path + "/lesson",
                        Map.of(
                                "startsAt",
                                "09:30",
                                "minutes",
                                180,
                                "areas",
                                2,
                                "helpers",
                                1,
                                "weather",
                                "DRY",
                                "absent",
                                List.of(),
                                "wishes",
                                List.of()))
                .body();
        Set<Long> ridden = new HashSet<>();
        List<JsonNode> blocks = new ArrayList<>();
        lesson.get("blocks").forEach(b -> {
            String station = b.path("station").asString("");
            if (station.equals(String.valueOf(one)) || station.equals(String.valueOf(same))) {
                ridden.add(Long.valueOf(station));
                blocks.add(b);
            }
        });
        assertThat(ridden).isNotEmpty();
        for (JsonNode a : blocks) {
            for (JsonNode b : blocks) {
                boolean apart = a == b
                        || a.get("startMinute").asInt() + a.get("minutes").asInt()
                                <= b.get("startMinute").asInt()
                        || b.get("startMinute").asInt() + b.get("minutes").asInt()
                                <= a.get("startMinute").asInt();
                assertThat(apart).as("%s beside %s", a, b).isTrue();
            }
        }
    }
}

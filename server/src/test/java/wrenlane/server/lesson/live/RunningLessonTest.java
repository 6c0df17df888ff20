package wrenlane.server.lesson.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.fixture.RunningApp.Answer;

/** The demo's lesson is given: step by step, rider by rider, the same on every device. */
class RunningLessonTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoDay();

    private static String path() {
        return "/api/days/" + APP.get("/api/days").body().get(0).get("id").asLong() + "/running";
    }

    private static Answer send(String act, int step) {
        return APP.post(path(), Map.of("act", act, "step", step));
    }

    private static JsonNode act(String act, int step) {
        Answer answer = send(act, step);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body();
    }

    private static JsonNode ofRider(String act, JsonNode running, long rider) {
        return APP.post(path(), Map.of("act", act, "step", running.get("step").asInt(), "riderId", rider))
                .body();
    }

    /** Goes on until something is ridden on a course, one side at a time. */
    private static JsonNode onACourse() {
        JsonNode running = act("BEGIN", 0);
        while (!running.at("/on/0").has("courseId")
                || !running.at("/on/0/order/0").has("side")
                || !running.at("/on/0/sort").asString().equals("DRILLS")) {
            running = act("ONWARD", running.get("step").asInt());
        }
        return running;
    }

    private static List<Long> order(JsonNode running) {
        List<Long> riders = new ArrayList<>();
        running.at("/on/0/order").forEach(up -> riders.add(up.get("riderId").asLong()));
        return riders;
    }

    @AfterEach
    void putAway() {
        JsonNode running = APP.get(path()).body();
        act("PUT_AWAY", running.get("step").asInt());
    }

    /** The normal case in a school: two riders take turns on one machine. */
    @Test
    void twoRidersOnOneMachineBeginALesson() throws IOException {
        JsonNode day = APP.get("/api/days").body().get(0);
        String dayPath = "/api/days/" + day.get("id").asLong();
        List<Map<String, Object>> riders = new ArrayList<>();
        long shared = day.at("/riders/0/machineId").asLong();
        day.get("riders")
                .forEach(
                        pair -> riders.add(Map.of("riderId", pair.get("riderId").asLong(), "machineId", shared)));
        Map<String, Object> changed = new HashMap<>();
        List.of("date", "title", "yardId", "courseIds", "stands", "activeSizes")
                .forEach(field -> changed.put(field, day.get(field)));
        changed.put("riders", riders);
        assertThat(APP.put(dayPath, changed).status()).isEqualTo(200);
        try {
            JsonNode running = act("BEGIN", 0);
            while (running.at("/on/0/order").size() < 2) {
                running = act("ONWARD", running.get("step").asInt());
                assertThat(running.get("status").asString()).isEqualTo("ON");
            }
            Set<String> machines = new HashSet<>();
            running.at("/on/0/order")
                    .forEach(up -> machines.add(up.get("machineName").asString()));
            assertThat(machines).hasSize(1);
            for (String of : readOfADay()) {
                assertThat(APP.get(dayPath + of).status()).as(of).isLessThan(500);
            }
        } finally {
            changed.put("riders", day.get("riders"));
            assertThat(APP.put(dayPath, changed).status()).isEqualTo(200);
        }
    }

    /** All that can be read of a day, as the API's description has it. */
    private static List<String> readOfADay() throws IOException {
        JsonNode paths = JsonMapper.shared()
                .readTree(Files.readString(Path.of("openapi.json")))
                .get("paths");
        List<String> ends = new ArrayList<>();
        for (Map.Entry<String, JsonNode> path : paths.properties()) {
            Matcher ofADay = Pattern.compile("/api/days/\\{\\w+}([^{]*)").matcher(path.getKey());
            if (ofADay.matches() && path.getValue().has("get")) {
                ends.add(ofADay.group(1));
            }
        }
        assertThat(ends).hasSizeGreaterThan(8);
        return ends;
    }

    @Test
    void itBeginsOnceAndGoesOnOnceWhoeverTapsTwice() {
        assertThat(APP.get(path()).body().get("status").asString()).isEqualTo("NOT_BEGUN");
        JsonNode begun = act("BEGIN", 0);
        assertThat(begun.get("status").asString()).isEqualTo("ON");
        assertThat(begun.at("/on/0/sort").asString()).isEqualTo("BRIEFING");
        assertThat(begun.has("endsAt")).isTrue();
        assertThat(begun.get("riders").size()).isGreaterThan(3);
        assertThat(act("ONWARD", 0).get("step").asInt()).isEqualTo(1);
        // From another device, which still saw the first step.
        assertThat(act("ONWARD", 0).get("step").asInt()).isEqualTo(1);
        assertThat(act("BEGIN", 0).get("step").asInt()).isEqualTo(1);
        assertThat(act("PAUSE", 1).get("status").asString()).isEqualTo("PAUSED");
        assertThat(act("GO_ON", 1).get("status").asString()).isEqualTo("ON");
        assertThat(act("BACK", 1).get("step").asInt()).isZero();
    }

    @Test
    void aRunLoggedPutsItsRiderLastAndTheOrderStaysWhateverIsLogged() {
        JsonNode running = onACourse();
        List<Long> before = order(running);
        JsonNode first = running.at("/on/0/order/0");
        String logged = log(running, first);
        JsonNode after = APP.get(path()).body();
        assertThat(order(after).get(0)).isEqualTo(before.get(1));
        assertThat(order(after)).last().isEqualTo(before.get(0));
        assertThat(after.at("/on/0/order/" + (before.size() - 1) + "/done").asInt())
                .isEqualTo(1);
        assertThat(after.at("/on/0/order/" + (before.size() - 1) + "/side").asString())
                .isNotEqualTo(first.get("side").asString());
        APP.delete("/api/runs/" + logged);
    }

    /** Logs a run, and gives its id: the demo is shared with other tests, which it has to be taken from again. */
    private static String log(JsonNode running, JsonNode up) {
        JsonNode day = APP.get("/api/days").body().get(0);
        long machine = day.get("riders")
                .valueStream()
                .filter(r -> r.get("riderId").asLong() == up.get("riderId").asLong())
                .findFirst()
                .orElseThrow()
                .get("machineId")
                .asLong();
        Map<String, Object> run = new HashMap<>();
        run.put("dayId", day.get("id").asLong());
        run.put("riderId", up.get("riderId").asLong());
        run.put("machineId", machine);
        run.put("courseId", running.at("/on/0/courseId").asLong());
        run.put("side", up.get("side").asString());
        run.put("settingMetres", up.path("settingMetres").asDouble(8.7));
        run.put("faults", List.of());
        run.put("loggedAt", Instant.now().toString());
        String id = UUID.randomUUID().toString();
        assertThat(APP.put("/api/runs/" + id, run).status()).isEqualTo(200);
        return id;
    }

    @Test
    void aRiderSkipsLeavesAndComes() {
        JsonNode running = onACourse();
        List<Long> before = order(running);
        assertThat(order(ofRider("PASS", running, before.get(0))).get(0)).isEqualTo(before.get(1));
        JsonNode without = ofRider("LEAVE", running, before.get(1));
        assertThat(order(without)).doesNotContain(before.get(1));
        Set<Boolean> away = new HashSet<>();
        without.get("riders").forEach(r -> away.add(r.get("away").asBoolean()));
        assertThat(away).containsExactlyInAnyOrder(true, false);
        assertThat(order(ofRider("COME", running, before.get(1))).get(0)).isEqualTo(before.get(1));
    }

    @Test
    void itEndsAndIsPutAway() {
        JsonNode running = act("BEGIN", 0);
        for (int step = 0; step < running.get("steps").asInt(); step++) {
            act("ONWARD", step);
        }
        JsonNode over = APP.get(path()).body();
        assertThat(over.get("status").asString()).isEqualTo("OVER");
        assertThat(over.get("on").size()).isZero();
        assertThat(act("PUT_AWAY", over.get("step").asInt()).get("status").asString())
                .isEqualTo("NOT_BEGUN");
        assertThat(act("ONWARD", 0).get("status").asString()).isEqualTo("NOT_BEGUN");
    }

    /** Somebody leaves: the rest is planned for those who are there, and what is on stays. */
    @Test
    void theRestIsPlannedAnewForWhoIsHere() {
        JsonNode running = onACourse();
        String on = running.get("on").get(0).get("label").asString();
        long gone = order(running).get(0);
        JsonNode without = ofRider("LEAVE", running, gone);
        JsonNode anew = act("PLAN_ANEW", without.get("step").asInt());
        assertThat(anew.get("step")).isEqualTo(running.get("step"));
        assertThat(anew.at("/on/0/label").asString()).isEqualTo(on);
        assertThat(anew.get("status").asString()).isEqualTo("ON");
        JsonNode later = anew;
        while (later.get("status").asString().equals("ON")) {
            later = act("ONWARD", later.get("step").asInt());
            assertThat(order(later)).doesNotContain(gone);
        }
        assertThat(later.get("status").asString()).isEqualTo("OVER");
        // Whoever taps twice, or too late, changes nothing.
        assertThat(act("PLAN_ANEW", 0).get("status").asString()).isEqualTo("OVER");
    }

    /** What was planned stays known, for the debrief, when the lesson is archived. */
    @Test
    void thePlanIsHeldAgainstWhatWasRidden() {
        JsonNode running = onACourse();
        String logged = log(running, running.at("/on/0/order/0"));
        act("PUT_AWAY", running.get("step").asInt());
        JsonNode review = APP.get(path().replace("/running", "/debrief")).body().get("review");
        assertThat(review.get("begun").asBoolean()).isTrue();
        assertThat(review.get("plannedMinutes").asInt()).isPositive();
        assertThat(review.at("/stations/0/planned").asInt()).isGreaterThan(3);
        int ridden = 0;
        for (JsonNode rider : review.get("riders")) {
            ridden += rider.get("ridden").asInt();
        }
        assertThat(ridden).isEqualTo(1);
        assertThat(review.get("changes").toString()).contains("1 of ", "planned runs were ridden");
        APP.delete("/api/runs/" + logged);
    }

    @Test
    void refusesWhatCannotBe() {
        assertThat(send("PASS", 0).status()).isEqualTo(422);
        assertThat(APP.post(path(), Map.of("act", "ONWARD", "step", 0, "riderId", 1))
                        .status())
                .isEqualTo(422);
        assertThat(send("DANCE", 0).status()).isEqualTo(400);
        assertThat(APP.get("/api/days/999999/running").status()).isEqualTo(404);
        long nobody = APP.post(
                        "/api/days",
                        Map.of(
                                "date", "2026-05-14",
                                "title", "Nobody yet",
                                "courseIds", List.of(),
                                "stands", List.of(),
                                "riders", List.of()))
                .body()
                .get("id")
                .asLong();
        Answer none = APP.post("/api/days/" + nobody + "/running", Map.of("act", "BEGIN", "step", 0));
        assertThat(none.body().get("findings").toString()).contains("no-lesson-plan");
        APP.delete("/api/days/" + nobody);
    }
}

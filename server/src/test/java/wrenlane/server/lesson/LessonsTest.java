package wrenlane.server.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.fixture.RunningApp.Answer;

/** The lesson of the demo's day is planned, changed, and planned again. */
class LessonsTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoDay();

    private static JsonNode today() {
        return APP.get("/api/days").body().get(0);
    }

    private static String path() {
        return "/api/days/" + today().get("id").asLong() + "/lesson";
    }

    private static Map<String, Object> settings(int minutes) {
        Map<String, Object> settings = new HashMap<>();
        settings.put("startsAt", "09:30");
        settings.put("minutes", minutes);
        settings.put("areas", 1);
        settings.put("helpers", 0);
        settings.put("weather", "DRY");
        settings.put("absent", List.of());
        settings.put("wishes", List.of());
        return settings;
    }

    /** The lesson that settings give; they are put back after the test. */
    private static JsonNode planned(Map<String, Object> settings) {
        return APP.put(path(), settings).body();
    }

    @AfterEach
    void asItWas() {
        planned(settings(150));
    }

    private static List<String> values(JsonNode list, String field) {
        List<String> values = new ArrayList<>();
        list.forEach(item -> values.add(item.path(field).asString("")));
        return values;
    }

    @Test
    void theDaysLessonBeginsWithABriefingAndEndsWithTheDebrief() {
        JsonNode lesson = APP.get(path()).body();
        List<String> sorts = values(lesson.get("blocks"), "sort");
        assertThat(sorts)
                .startsWith("BRIEFING", "WARM_UP")
                .endsWith("CLOSING", "DEBRIEF")
                .contains("DRILLS", "REST");
        assertThat(lesson.get("riders").size()).isEqualTo(today().get("riders").size());
        JsonNode turn = lesson.at("/blocks/1/turns/0");
        assertThat(turn.get("riderName").asString()).isNotBlank();
        assertThat(turn.at("/task/cue").asString().split(" ")).hasSizeLessThanOrEqualTo(5);
        assertThat(turn.get("runs").asInt()).isGreaterThanOrEqualTo(2);
    }

    /** Beside what each rides of what stands, how likely a clean run is there. */
    @Test
    void eachRunOnWhatStandsHasItsChance() {
        int onWhatStands = 0;
        // What the day's first course asks of everybody is known then.
        APP.finished(path().replace("/lesson", "/briefing"));
        for (JsonNode block : APP.get(path()).body().get("blocks")) {
            for (JsonNode turn : block.get("turns")) {
                boolean stands = turn.get("task").has("settingMetres");
                assertThat(turn.has("chance")).isEqualTo(stands);
                if (stands) {
                    onWhatStands++;
                    assertThat(turn.at("/chance/chance").asDouble())
                            .isBetween(
                                    turn.at("/chance/low").asDouble(),
                                    turn.at("/chance/high").asDouble());
                }
            }
        }
        assertThat(onWhatStands).isGreaterThan(6);
    }

    @Test
    void whatIsChangedIsKept() {
        JsonNode dry = APP.get(path()).body();
        assertThat(dry.at("/settings/weather").asString()).isEqualTo("DRY");
        Map<String, Object> hot = settings(200);
        hot.put("weather", "HOT");
        JsonNode stored = planned(hot);
        assertThat(stored.at("/settings/weather").asString()).isEqualTo("HOT");
        assertThat(stored.get("blocks")).isNotEqualTo(dry.get("blocks"));
        assertThat(APP.get(path()).body()).isEqualTo(stored);
    }

    /** With as many helpers as there can be, and no time for what is wished: planned, kept, and begun all the same. */
    @Test
    void settingsAtTheirLimitsArePlanned() {
        String station = APP.get(path()).body().at("/stations/1/id").asString();
        Map<String, Object> most = settings(20);
        most.put("helpers", 20);
        most.put("areas", 8);
        most.put("wishes", List.of(Map.of("station", station, "minutes", 120)));
        assertThat(APP.put(path(), most).status()).isEqualTo(200);
        for (String read : List.of("/lesson", "/range-check", "/running", "/briefing")) {
            assertThat(APP.get(path().replace("/lesson", read)).status())
                    .as(read)
                    .isEqualTo(200);
        }
    }

    @Test
    void aStationIsWishedForWithItsMinutes() {
        JsonNode stations = APP.get(path()).body().get("stations");
        String second = stations.get(1).get("id").asString();
        Map<String, Object> wished = settings(120);
        wished.put("wishes", List.of(Map.of("station", second, "minutes", 19), Map.of("station", "open")));
        List<JsonNode> drills = StreamSupport.stream(
                        planned(wished).get("blocks").spliterator(), false)
                .filter(b -> b.get("sort").asString().equals("DRILLS"))
                .toList();
        assertThat(drills).extracting(b -> b.get("station").asString()).containsExactly(second, "open");
        assertThat(drills.get(0).get("minutes").asInt()).isEqualTo(19);
    }

    /** Cues that riders are given for the rolling U-turn. */
    private static Set<String> turnedRoundBy(JsonNode lesson) {
        Set<String> cues = new TreeSet<>();
        for (JsonNode block : lesson.get("blocks")) {
            for (JsonNode turn : block.get("turns")) {
                if (turn.at("/task/drillId").asString().equals("u-turn-rolling")) {
                    cues.add(turn.at("/task/cue").asString());
                }
            }
        }
        return cues;
    }

    /** Riders of several methods are told the same, where the day has one of its own. */
    @Test
    void theWholeDayCanRideByOneMethod() {
        Map<String, Object> dragged = settings(150);
        dragged.put("school", "DRAG");
        Map<String, Object> loose = settings(150);
        loose.put("school", "LOOSE_GROUND");
        assertThat(planned(dragged).at("/settings/school").asString()).isEqualTo("DRAG");
        assertThat(turnedRoundBy(planned(settings(150)))).hasSizeGreaterThan(1);
        assertThat(turnedRoundBy(planned(dragged))).containsExactly("Chin to the exit");
        assertThat(turnedRoundBy(planned(loose))).containsExactly("Lock, body out, creep");
        dragged.put("school", "NO_SUCH");
        assertThat(APP.put(path(), dragged).status()).isEqualTo(400);
    }

    @Test
    void somebodyWhoIsNotThereDoesNotRide() {
        JsonNode lesson = APP.get(path()).body();
        long first = lesson.at("/riders/0/id").asLong();
        Map<String, Object> without = settings(150);
        without.put("absent", List.of(first));
        JsonNode planned = planned(without);
        assertThat(values(planned.get("riders"), "id")).doesNotContain(String.valueOf(first));
        assertThat(planned.get("blocks").toString()).doesNotContain("\"riderId\":" + first + ",");
        assertThat(planned.at("/riders/0/runs").asInt())
                .isGreaterThanOrEqualTo(lesson.at("/riders/1/runs").asInt());
    }

    @Test
    void lessonsToBeginFromArePlannedForThoseWhoTakePart() {
        JsonNode templates =
                APP.get(path().replace("/lesson", "/lesson-templates")).body();
        assertThat(values(templates, "template")).contains("FIRST", "SECOND", "ONE_TO_ONE", "GROUP", "HEAVIER_MACHINE");
        JsonNode first = templates.get(0);
        Map<String, Object> settings = settings(first.get("minutes").asInt());
        settings.put("wishes", first.get("wishes"));
        JsonNode planned = planned(settings);
        assertThat(values(planned.get("findings"), "code")).doesNotContain("too-short");
        assertThat(planned.get("blocks").size()).isPositive();
    }

    /** Each way out that settings can go is gone: nothing is broken then. */
    @Test
    void whatCannotBeMetIsSaidWithTheWaysOut() {
        JsonNode planned = planned(settings(25));
        assertThat(values(planned.get("findings"), "code")).contains("too-short");
        assertThat(planned.get("findings").toString()).contains("This takes ", " min and there are 25.");
        JsonNode ways = planned.get("repairs");
        assertThat(values(ways, "said")).anyMatch(w -> w.startsWith("Make it "));
        for (JsonNode way : ways) {
            if (way.has("settings")) {
                JsonNode mended =
                        planned(JsonMapper.shared().convertValue(way.get("settings"), new TypeReference<>() {}));
                assertThat(values(mended.get("findings"), "code")).doesNotContain("too-short", "no-drill");
                assertThat(mended.get("repairs").size()).isZero();
            }
        }
        assertThat(planned(settings(150)).get("repairs").size()).isZero();
    }

    @Test
    void aDayWithoutRidersSaysSo() {
        long day = APP.post(
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
        JsonNode lesson = APP.get("/api/days/" + day + "/lesson").body();
        assertThat(lesson.get("blocks").size()).isZero();
        assertThat(lesson.at("/findings/0/code").asString()).isEqualTo("nobody");
        APP.delete("/api/days/" + day);
    }

    @Test
    void refusesWhatCannotBe() {
        Map<String, Object> elsewhere = settings(120);
        elsewhere.put("wishes", List.of(Map.of("station", "999999")));
        Answer refused = APP.put(path(), elsewhere);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/findings/0/where").asString()).isEqualTo("wishes.0.station");
        assertThat(APP.put(path(), settings(10)).status()).isEqualTo(422);
        Map<String, Object> midnight = settings(100);
        midnight.put("startsAt", "24:10");
        assertThat(APP.put(path(), midnight).status()).isEqualTo(422);
        assertThat(APP.get("/api/days/999999/lesson").status()).isEqualTo(404);
    }

    @Test
    void whatSomebodyElseChangedIsNotOverwritten() {
        Answer changed = APP.send(
                "PUT",
                path(),
                "{\"startsAt\":\"10:00\",\"minutes\":90,\"areas\":1,\"helpers\":0,\"weather\":\"DRY\",\"absent\":[],\"wishes\":[]}",
                "If-Match",
                "\"77\"");
        assertThat(changed.status()).isEqualTo(412);
        assertThat(changed.body().at("/current/settings/minutes").asInt()).isGreaterThan(0);
    }

    @Test
    void theRangeCheckIsTickedWithNameAndTimeOrPassedWithAReason() {
        String check = "/api/days/" + today().get("id").asLong() + "/range-check";
        JsonNode before = APP.get(check).body();
        assertThat(before.get("open").asInt()).isEqualTo(before.get("items").size());
        assertThat(before.get("items").toString())
                .contains("north drain", "mooring bollard", "reaches the ground with one foot at a time");
        JsonNode ticked = APP.post(
                        check, Map.of("items", List.of("swept", "gear"), "doneBy", "Wilma Stander", "reason", ""))
                .body();
        assertThat(ticked.get("open").asInt()).isEqualTo(before.get("open").asInt() - 2);
        JsonNode swept = find(ticked, "swept");
        assertThat(swept.get("doneBy").asString()).isEqualTo("Wilma Stander");
        assertThat(swept.has("doneAt")).isTrue();
        assertThat(swept.has("reason")).isFalse();
        JsonNode passed = APP.post(
                        check,
                        Map.of("items", List.of("help", "swept"), "doneBy", "Ole", "reason", "Clinic next door."))
                .body();
        assertThat(find(passed, "help").get("reason").asString()).isEqualTo("Clinic next door.");
        assertThat(find(passed, "swept").get("doneBy").asString()).isEqualTo("Wilma Stander");
        JsonNode opened = APP.send("DELETE", check + "/swept", "").body();
        assertThat(find(opened, "swept").has("doneBy")).isFalse();
        APP.send("DELETE", check + "/gear", "");
        APP.send("DELETE", check + "/help", "");
        assertThat(APP.get(check).body()).isEqualTo(before);
    }

    private static JsonNode find(JsonNode check, String id) {
        return StreamSupport.stream(check.get("items").spliterator(), false)
                .filter(i -> i.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void refusesTickingWhatDoesNotApplyOrWithoutAName() {
        String check = "/api/days/" + today().get("id").asLong() + "/range-check";
        assertThat(APP.post(check, Map.of("items", List.of("loose"), "doneBy", "Ole", "reason", ""))
                        .status())
                .isEqualTo(422);
        assertThat(APP.post(check, Map.of("items", List.of("gear"), "doneBy", " ", "reason", ""))
                        .status())
                .isEqualTo(422);
    }
}

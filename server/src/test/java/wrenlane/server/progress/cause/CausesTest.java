package wrenlane.server.progress.cause;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.fixture.SingleRiderDay;

/** What faults come from, as it can be put right; and what is held of one rider. */
class CausesTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static Map<String, Object> surging() {
        Map<String, Object> row = new HashMap<>();
        row.put("faults", List.of("CONE"));
        row.put("technique", List.of("SURGING"));
        row.put("before", List.of());
        row.put("likely", " the throttle  hand is\u200b tired ");
        row.put("cue", "breathe out");
        row.put("drills", List.of("slow-lane-brake"));
        return row;
    }

    private static RunningApp.Answer put(List<?> rows, long seen) {
        return APP.send("PUT", "/api/causes", RunningApp.json(Map.of("rows", rows)), "If-Match", "\"" + seen + "\"");
    }

    private static long version() {
        return APP.get("/api/causes").body().get("version").asLong();
    }

    private SingleRiderDay there;

    @BeforeEach
    void aDay() {
        there = SingleRiderDay.on(APP);
    }

    /** Five runs with the same fault, ridden in the same way. */
    private void ridden(String fault, String technique) {
        for (int i = 0; i < 5; i++) {
            Map<String, Object> run = there.run("LEFT", 7.2, fault);
            run.put("loggedAt", SingleRiderDay.at(i));
            run.put("observed", Map.of("technique", List.of(technique)));
            there.ride(run);
        }
    }

    @AfterEach
    void asTheyCame() {
        APP.send("DELETE", "/api/causes", "", "If-Match", "\"" + version() + "\"");
    }

    @Test
    void theTableComesWithTheAppAndCanBePutRightAndBack() {
        JsonNode came = APP.get("/api/causes").body();
        assertThat(came.get("changed").asBoolean()).isFalse();
        assertThat(came.get("rows")).hasSizeGreaterThanOrEqualTo(14);
        List<Object> rows = new ArrayList<>(came.get("rows").valueStream().toList());
        rows.add(surging());
        RunningApp.Answer kept = put(rows, version());
        assertThat(kept.status()).as(kept.raw().body()).isEqualTo(200);
        assertThat(kept.body().get("changed").asBoolean()).isTrue();
        assertThat(kept.body().get("rows").get(rows.size() - 1).get("likely").asString())
                .isEqualTo("the throttle hand is tired");
        assertThat(put(rows, version() - 1).status()).isEqualTo(412);
        RunningApp.Answer back = APP.send("DELETE", "/api/causes", "", "If-Match", "\"" + version() + "\"");
        assertThat(back.body().get("rows")).isEqualTo(came.get("rows"));
        assertThat(back.body().get("changed").asBoolean()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "faults, no-fault, rows[0].faults",
        "technique, nothing-seen, rows[0].technique",
        "before, FOOT, rows[0].before",
        "cue, one two three four five six, rows[0].cue",
        "likely, '  ', rows[0].likely",
        "drills, ride-the-moon, rows[0].drills",
    })
    void whatIsWrongIsSaidWithItsPlaceAndNothingIsKept(String field, String value, String where) {
        long before = version();
        Map<String, Object> row = surging();
        switch (field) {
            case "faults", "technique" -> row.put(field, List.of());
            case "before", "drills" -> row.put(field, List.of(value));
            default -> row.put(field, value);
        }
        RunningApp.Answer refused = put(List.of(row), before);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.raw().body()).contains(where);
        assertThat(version()).isEqualTo(before);
    }

    /** A row of one's own is what is said of a rider from then on. */
    @Test
    void ridersAreSpokenOfByTheTableAsItHolds() {
        ridden("CONE", "SURGING");
        String progress = "/api/riders/" + there.rider() + "/progress";
        assertThat(APP.get(progress).body().at("/heldBack/0/likely").asString()).contains("revs too high");
        put(List.of(surging()), version());
        assertThat(APP.get(progress).body().at("/heldBack/0/likely").asString())
                .isEqualTo("the throttle hand is tired");
        put(List.of(), version());
        assertThat(APP.get(progress).body().get("heldBack").get(0).has("likely"))
                .as("a table with nothing for it")
                .isFalse();
    }

    @Test
    void whatIsHeldOfARiderIsKeptToldAndTakenAway() {
        ridden("CONE", "SURGING");
        String opinion = "/api/riders/" + there.rider() + "/opinions/u-turn-box";
        long none = APP.get(opinion).body().get("version").asLong();
        assertThat(say(opinion, "tired after work.", none).status()).isEqualTo(200);
        JsonNode kept = APP.get(opinion).body();
        assertThat(kept.get("words").asString()).isEqualTo("tired after work.");
        assertThat(kept.has("saidOn")).isTrue();
        assertThat(APP.finished("/api/days/" + there.day() + "/debrief")
                        .at("/riders/0/holdsBack")
                        .asString())
                .endsWith("Likely: tired after work.");
        assertThat(APP.get("/api/riders/" + there.rider() + "/records.json")
                        .body()
                        .at("/opinions/0/words")
                        .asString())
                .isEqualTo("tired after work.");
        assertThat(say(opinion, "", none).status()).isEqualTo(412);
        assertThat(say(opinion, "", none + 1).body().has("words")).isFalse();
        assertThat(APP.get("/api/riders/" + there.rider() + "/opinions/handstand")
                        .status())
                .isEqualTo(422);
    }

    private static RunningApp.Answer say(String opinion, String words, long seen) {
        return APP.send("PUT", opinion, RunningApp.json(Map.of("words", words)), "If-Match", "\"" + seen + "\"");
    }

    /** What a mistake that holds back costs where it was made; none where none is made. */
    @Test
    void costsAreThoseOfTheMistakesMade() {
        ridden("LINE", "HEAD_LATE");
        JsonNode made = APP.get("/api/riders/" + there.rider() + "/progress/mistakes?kind=u-turn-box")
                .body();
        assertThat(made.get("settingMetres").asDouble()).isPositive();
        assertThat(made.get("costs").valueStream().map(c -> c.get("mistake").asString()))
                .containsExactly("TURNED_IN_LATE");
        assertThat(made.at("/costs/0/lostMetres").asDouble()).isPositive();
    }

    @Test
    void nothingIsComputedOfWhatIsNoMistakeOnTheLine() {
        ridden("CONE", "SURGING");
        assertThat(APP.get("/api/riders/" + there.rider() + "/progress/mistakes?kind=u-turn-box")
                        .body()
                        .get("costs"))
                .isEmpty();
    }
}

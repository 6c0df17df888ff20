package wrenlane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What a rider wants to be able to ride, and how far off it is. */
class GoalsTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private long machine;
    private long rider;

    private static long id(RunningApp.Answer created) {
        assertThat(created.status()).as(created.raw().body()).isEqualTo(201);
        return created.body().get("id").asLong();
    }

    @BeforeEach
    void aRider() {
        machine = id(APP.post("/api/machines", Courses.machine("Touring 850")));
        rider = id(APP.post("/api/riders", Courses.rider("Ada Testwick")));
    }

    private String goal() {
        return "/api/riders/" + rider + "/goal";
    }

    private RunningApp.Answer put(Object request, int seen) {
        return APP.send("PUT", goal(), RunningApp.json(request), "If-Match", "\"" + seen + "\"");
    }

    private Map<String, Object> street(double metres) {
        Map<String, Object> goal = new HashMap<>();
        goal.put("name", " The street  at home ");
        goal.put("kind", "u-turn-box");
        goal.put("machineId", machine);
        goal.put("setting", Courses.length(metres));
        return Map.of("goal", goal);
    }

    @Test
    void aGoalIsKeptWithHowFarOffItIs() {
        assertThat(APP.get(goal()).body().get("version").asLong()).isZero();
        RunningApp.Answer kept = put(street(7.3), 0);
        assertThat(kept.status()).as(kept.raw().body()).isEqualTo(200);
        JsonNode off = kept.body().get("off");
        assertThat(kept.body().at("/goal/name").asString()).isEqualTo("The street at home");
        assertThat(off.get("machineName").asString()).isEqualTo("Touring 850");
        assertThat(off.get("tightness").asDouble()).isBetween(1.0, 2.5);
        assertThat(off.get("runs").asInt()).isZero();
        assertThat(off.at("/gap/chance").asDouble()).isBetween(0.0, 1.0);
        assertThat(off.at("/gap").has("lessons")).as("no runs, no pace").isFalse();
    }

    @Test
    void aTighterGoalIsFartherOff() {
        double wide = put(street(8.5), 0).body().at("/off/gap/tightness").asDouble();
        JsonNode tight = put(street(5.8), 1).body().at("/off/gap");
        assertThat(tight.get("tightness").asDouble()).isGreaterThan(wide);
        assertThat(tight.get("steps").asInt()).isPositive();
    }

    @Test
    void takenAwayItIsGoneAndItsVersionGoesOn() {
        put(street(7.3), 0);
        RunningApp.Answer gone = put(Map.of(), 1);
        assertThat(gone.body().has("goal")).isFalse();
        assertThat(gone.body().get("version").asLong()).isEqualTo(2);
        assertThat(put(street(7), 1).status()).isEqualTo(412);
        assertThat(put(street(7), 2).status()).isEqualTo(200);
    }

    @Test
    void refusesWhatIsNoGoal() {
        assertThat(put(street(700), 0).raw().body())
                .contains("Width must be between")
                .doesNotContain("Exception");
        Map<String, Object> unknown = new HashMap<>(street(7.3));
        unknown.put("goal", Map.of("name", "x", "kind", "moebius", "machineId", machine, "setting", Courses.length(7)));
        assertThat(put(unknown, 0).status()).isEqualTo(422);
        assertThat(APP.get("/api/riders/999999/goal").status()).isEqualTo(404);
        assertThat(APP.get(goal()).body().has("goal")).isFalse();
    }

    @Test
    void theMachineOfAGoalStays() {
        put(street(7.3), 0);
        RunningApp.Answer refused = APP.delete("/api/machines/" + machine);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.raw().body()).contains("1 goal");
        assertThat(List.of(APP.get("/api/machines/" + machine).status())).containsExactly(200);
    }
}

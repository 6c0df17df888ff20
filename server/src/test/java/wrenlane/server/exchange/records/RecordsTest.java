package wrenlane.server.exchange.records;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wrenlane.server.fixture.RunningApp;

/** All that is kept of one person: told, handed out, and deleted wholly. */
class RecordsTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoDay();

    private static long rider(int place) {
        return APP.get("/api/days/5").body().at("/riders/" + place + "/riderId").asLong();
    }

    private static RunningApp.Answer delete(long rider) {
        String version = APP.version("/api/riders/" + rider);
        return APP.send("DELETE", "/api/riders/" + rider + "/records", "", "If-Match", version);
    }

    @Test
    void everythingIsHandedOutAndThenDeletedForEver() {
        long rider = rider(0);
        String name = APP.get("/api/riders/" + rider).body().get("name").asString();
        JsonNode kept = APP.get("/api/riders/" + rider + "/records").body();
        assertThat(kept.get("runs").asInt()).isPositive();
        assertThat(kept.get("days").asInt()).isPositive();

        JsonNode file = APP.get("/api/riders/" + rider + "/records.json").body();
        assertThat(file.get("format").asString()).isEqualTo("wren-lane-rider/2");
        assertThat(file.get("runs").size()).isEqualTo(kept.get("runs").asInt());
        assertThat(file.at("/rider/name").asString()).isEqualTo(name);
        assertThat(StreamSupport.stream(file.get("runs").spliterator(), false))
                .allMatch(run -> run.get("riderId").asLong() == rider);

        assertThat(delete(rider).status()).isEqualTo(204);
        assertThat(APP.get("/api/riders/" + rider).status()).isEqualTo(404);
        assertThat(APP.get("/api/riders").raw().body()).doesNotContain(name);
        for (String path : List.of("", "/briefing", "/runs", "/debrief", "/lesson", "/export.json")) {
            RunningApp.Answer day = APP.get("/api/days/5" + path);
            assertThat(day.status()).as(path).isEqualTo(200);
            assertThat(day.raw().body()).as(path).doesNotContain(name);
        }
        for (int day = 1; day <= 4; day++) {
            assertThat(APP.get("/api/days/" + day + "/runs").raw().body()).doesNotContain("\"riderId\":" + rider + ",");
        }
    }

    @Test
    void whoWasPutAwayIsKeptAndComesBack() {
        long rider = rider(1);
        String path = "/api/riders/" + rider;
        RunningApp.Answer away = APP.send(
                "PUT", path + "/archived", RunningApp.json(Map.of("archived", true)), "If-Match", APP.version(path));
        assertThat(away.body().get("archived").asBoolean()).isTrue();
        assertThat(APP.get(path + "/records").body().get("runs").asInt()).isPositive();
        RunningApp.Answer late =
                APP.send("PUT", path + "/archived", RunningApp.json(Map.of("archived", false)), "If-Match", "\"1\"");
        assertThat(late.status()).isEqualTo(412);
        RunningApp.Answer back = APP.send(
                "PUT", path + "/archived", RunningApp.json(Map.of("archived", false)), "If-Match", APP.version(path));
        assertThat(back.body().get("archived").asBoolean()).isFalse();
    }

    @Test
    void nobodyIsDeletedWhomSomebodyElseHasChangedMeanwhile() {
        long rider = rider(2);
        assertThat(APP.send("DELETE", "/api/riders/" + rider + "/records", "", "If-Match", "\"99\"")
                        .status())
                .isEqualTo(412);
        assertThat(APP.get("/api/riders/" + rider).status()).isEqualTo(200);
        assertThat(APP.get("/api/riders/999999/records").status()).isEqualTo(404);
    }
}

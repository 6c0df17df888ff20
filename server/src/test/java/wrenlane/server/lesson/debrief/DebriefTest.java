package wrenlane.server.lesson.debrief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.fixture.RunningApp.Answer;

/** The demo's last lesson but one, with its simulated runs, is told to its riders. */
class DebriefTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoDay();

    /** The newest day with runs. */
    private static String path() {
        for (JsonNode day : APP.get("/api/days").body()) {
            long id = day.get("id").asLong();
            if (APP.get("/api/days/" + id + "/runs").body().size() > 20) {
                return "/api/days/" + id + "/debrief";
            }
        }
        throw new AssertionError("no day with runs");
    }

    private static JsonNode debrief() {
        JsonNode debrief = APP.get(path()).body();
        while (debrief.get("unfinished").asBoolean()) {
            debrief = APP.get(path()).body();
        }
        return debrief;
    }

    @Test
    void everyRiderIsToldThreeSentences() {
        JsonNode debrief = debrief();
        assertThat(debrief.get("riders").size()).isGreaterThan(4);
        assertThat(debrief.get("runs").asInt()).isGreaterThan(20);
        assertThat(debrief.get("clean").asInt()).isLessThan(debrief.get("runs").asInt());
        List<String> better = new ArrayList<>();
        for (JsonNode rider : debrief.get("riders")) {
            better.add(rider.get("better").asString());
            assertThat(rider.get("next").asString()).startsWith("Begin next time at ");
            assertThat(rider.get("holdsBack").asString()).isNotBlank();
        }
        assertThat(better).allMatch(s -> s.startsWith("Clean in "));
        assertThat(APP.get(path() + "?system=IMPERIAL")
                        .body()
                        .at("/riders/0/next")
                        .asString())
                .contains("'");
    }

    /** The demo's past lessons were never begun on Range: what was ridden is told without a plan. */
    @Test
    void aLessonThatWasNotBegunIsToldWithoutAPlan() {
        JsonNode debrief = debrief();
        JsonNode review = debrief.get("review");
        assertThat(review.get("begun").asBoolean()).isFalse();
        assertThat(review.has("plannedMinutes")).isFalse();
        int scored = 0;
        for (JsonNode station : review.get("stations")) {
            assertThat(station.get("planned").asInt()).isZero();
            scored += station.get("scored").asInt();
        }
        assertThat(scored).isEqualTo(debrief.get("runs").asInt());
    }

    @Test
    void theInstructorsOwnWordsAreKeptAndNotWrittenOver() {
        long rider = debrief().at("/riders/0/riderId").asLong();
        String of = path() + "/" + rider;
        long none = debrief().at("/riders/0/own/version").asLong();
        String first = "\"" + none + "\"";
        String second = "\"" + (none + 1) + "\"";
        Answer kept = APP.send("PUT", of, "{\"text\":\"Chin up,  Ines.\\nWell ridden.\"}", "If-Match", first);
        assertThat(kept.status()).as(kept.raw().body()).isEqualTo(200);
        assertThat(debrief().at("/riders/0/own/text").asString()).startsWith("Chin up");
        Answer late = APP.send("PUT", of, "{\"text\":\"Another\"}", "If-Match", first);
        assertThat(late.status()).isEqualTo(412);
        assertThat(APP.send("PUT", of, "{\"text\":\"\"}", "If-Match", second).status())
                .isEqualTo(200);
        assertThat(APP.send("PUT", path() + "/999999", "{\"text\":\"\"}", "If-Match", first)
                        .status())
                .isEqualTo(422);
        assertThat(APP.get("/api/days/999999/debrief").status()).isEqualTo(404);
    }
}

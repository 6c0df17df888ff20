package wrenlane.server.platform.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** JSON is read as it is written and in no other way; each misreading is refused with its place. */
class StrictReadingTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final String RIDER =
            "{\"name\":\"Ada\",\"level\":\"NOVICE\",\"school\":\"DRAG\",\"machineId\":null,\"notes\":\"\"}";
    private static final String DAY =
            "{\"date\":\"2026-05-14\",\"title\":\"A\",\"courseIds\":[],\"stands\":[],\"riders\":[]}";
    private static final String RUN = "{\"dayId\":1,\"riderId\":1,\"machineId\":1,\"courseId\":1,\"side\":\"LEFT\","
            + "\"settingMetres\":7.0,\"faults\":[],\"loggedAt\":\"2026-05-14T09:00:00Z\"}";

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            riders | \"machineId\":null | \"machineId\":1.9     | machineId
            riders | \"machineId\":null | \"machineId\":1.0     | machineId
            riders | \"machineId\":null | \"machineId\":\"1\"   | machineId
            riders | \"machineId\":null | \"machineId\":true    | machineId
            riders | \"machineId\":null | \"machineId\":1e30    | machineId
            riders | \"Ada\"            | 7                     | name
            riders | \"Ada\"            | true                  | name
            riders | \"Ada\"            | [\"Ada\"]             | name
            riders | \"NOVICE\"         | 0                     | level
            riders | \"NOVICE\"         | \"0\"                 | level
            riders | \"NOVICE\"         | \"\"                  | level
            riders | \"NOVICE\"         | \"novice\"            | level
            days   | \"2026-05-14\"     | 20000                 | date
            days   | \"2026-05-14\"     | [2026,5,14]           | date
            days   | \"2026-05-14\"     | \"2026-05-14T00:00\"  | date
            days   | \"2026-05-14\"     | \"\"                  | date
            days   | \"courseIds\":[]   | \"courseIds\":[1.5]   | courseIds.[0]
            days   | \"courseIds\":[]   | \"courseIds\":{}      | courseIds
            """)
    void aMisreadingIsRefusedWithItsPlace(String store, String good, String bad, String place) {
        String body = (store.equals("riders") ? RIDER : DAY).replace(good, bad);
        assertThat(body).contains(bad);
        int before = APP.get("/api/" + store).body().size();
        RunningApp.Answer answer = APP.send("POST", "/api/" + store, body);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(400);
        assertThat(answer.body().get("detail").asString()).startsWith(place + " must be");
        assertThat(APP.get("/api/" + store).body().size()).isEqualTo(before);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            \"2026-05-14T09:00:00Z\" | 1e308                  | loggedAt
            \"2026-05-14T09:00:00Z\" | 1778749200             | loggedAt
            \"2026-05-14T09:00:00Z\" | \"1778749200\"         | loggedAt
            \"settingMetres\":7.0    | \"settingMetres\":\"7\"    | settingMetres
            \"settingMetres\":7.0    | \"settingMetres\":\"NaN\"  | settingMetres
            \"settingMetres\":7.0    | \"settingMetres\":1e400    | settingMetres
            \"settingMetres\":7.0    | \"settingMetres\":true     | settingMetres
            \"faults\":[]            | \"faults\":[0]             | faults
            """)
    void aRunIsReadAsStrictly(String good, String bad, String place) {
        String body = RUN.replace(good, bad);
        assertThat(body).contains(bad);
        RunningApp.Answer answer = APP.send("PUT", "/api/runs/strict-reading", body);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(400);
        assertThat(answer.body().get("detail").asString()).startsWith(place);
    }

    @Test
    void whatStandsTwiceIsRefusedRatherThanDropped() {
        String doubled = RIDER.replace("\"notes\":\"\"", "\"notes\":\"\",\"notes\":\"other\"");
        assertThat(APP.send("POST", "/api/riders", doubled).status()).isEqualTo(400);
        assertThat(APP.send("POST", "/api/riders", RIDER + RIDER).status()).isEqualTo(400);

        var figure = Map.of("dimension", "WHEELBASE", "value", 1.4, "provenance", "MEASURED");
        var machine = Courses.machine("Twice");
        machine.put("figures", List.of(figure, figure));
        assertThat(APP.post("/api/machines", machine)
                        .body()
                        .at("/findings/0/code")
                        .asString())
                .isEqualTo("figure-twice");

        long course = APP.post("/api/courses", Courses.box(7)).body().get("id").asLong();
        var stand = Map.of("courseId", course, "stand", Map.of("xMetres", 1, "yMetres", 1, "turnRadians", 0));
        RunningApp.Answer day = APP.post(
                "/api/days",
                Map.of(
                        "date", "2026-05-14",
                        "title", "A",
                        "courseIds", List.of(course),
                        "stands", List.of(stand, stand),
                        "riders", List.of()));
        assertThat(day.body().at("/findings/0/code").asString()).isEqualTo("stand-twice");
    }

    @ParameterizedTest
    @CsvSource({"'\\u200b'", "'\\u0000'", "'\\u202e'", "'\\u3164'", "'\\u2800'", "' '", "'\\ud800'", "'\\u0301'"})
    void aNameThatCannotBeSeenIsRefused(String escaped) {
        RunningApp.Answer answer = APP.send("POST", "/api/riders", RIDER.replace("Ada", escaped));
        assertThat(answer.status()).as(answer.raw().body()).isIn(400, 422);
        assertThat(answer.body().get("detail").asString()).isNotBlank();
    }

    @Test
    void textIsKeptInOneFormWithoutWhatCannotBeSeen() {
        String typed = RIDER.replace("Ada", " Zoe\\u0308\\u0001  \\u202eTest\\nwick\\u200b ")
                .replace("\"notes\":\"\"", "\"notes\":\"one\\r\\ntwo\\u0007\"");
        var stored = APP.send("POST", "/api/riders", typed).body();
        assertThat(stored.get("name").asString()).isEqualTo("Zoë Test wick");
        assertThat(stored.get("notes").asString()).isEqualTo("one\ntwo");
    }

    /** A length with a text, as it is sent. */
    private static String length(double metres, double uncertainty, String text) {
        return JsonMapper.builder()
                .build()
                .writeValueAsString(
                        Map.of("metres", metres, "uncertaintyMetres", uncertainty, "method", "TAPE", "text", text));
    }

    @ParameterizedTest
    @CsvSource({
        "7.0, 0.02, '7.5 m'",
        "7.0, 0.02, 'a bit'",
        "7.0, 0.02, '70 paces'",
        "7.0, 7.5, '7 m'",
        "1e-9, 0, '0.000000001 m'",
        "7.0, -0.1, '7 m'"
    })
    void aLengthThatContradictsItselfIsRefused(double metres, double uncertainty, String text) {
        String body = "{\"laid\":" + JsonMapper.builder().build().writeValueAsString(Courses.laid(Courses.box(7)))
                + ",\"first\":" + length(metres, uncertainty, text)
                + ",\"second\":" + length(10, 0.02, "10 m") + "}";
        RunningApp.Answer answer = APP.send("POST", "/api/calculations/square-checks", body);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(422);
        assertThat(answer.body().at("/findings/0/where").asString()).startsWith("first");
    }
}

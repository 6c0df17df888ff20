package wrenlane.server.exchange.runs;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** Runs as files: out as CSV and JSON, and in from tables that others wrote. */
public class RunFilesTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static int made;

    private String rider;
    private String course;
    private long riderId;

    @BeforeEach
    void somebodyAndACourse() {
        made++;
        rider = "Ada Testwick " + made;
        course = "Box " + made;
        long machine = APP.post("/api/machines", Courses.machine("300 twin " + made))
                .body()
                .get("id")
                .asLong();
        Map<String, Object> ada = new HashMap<>(Courses.rider(rider));
        ada.put("machineId", machine);
        RunningApp.Answer described = APP.post("/api/riders", ada);
        assertThat(described.status()).isEqualTo(201);
        riderId = described.body().get("id").asLong();
        Map<String, Object> box = new HashMap<>(Courses.box(7.2));
        box.put("name", course);
        assertThat(APP.post("/api/courses", box).status()).isEqualTo(201);
    }

    private static Map<String, Object> table(String text) {
        Map<String, Object> request = new HashMap<>();
        request.put("text", text);
        request.put("dates", "DAY_FIRST");
        request.put("lengths", "METRIC");
        return request;
    }

    private static JsonNode preview(Map<String, Object> table) {
        RunningApp.Answer answer = APP.post("/api/calculations/run-file-previews", table);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body();
    }

    private static List<String> findings(JsonNode preview) {
        List<String> said = new ArrayList<>();
        preview.get("findings")
                .forEach(f ->
                        said.add(f.get("line").asInt() + ": " + f.get("message").asString()));
        return said;
    }

    private String good(String date) {
        return "date,rider,course,side,setting,outcome\n" + date + "," + rider + "," + course + ",left,7.2,clean\n";
    }

    private String out() {
        return APP.get("/api/runs.csv?riderId=" + riderId).raw().body();
    }

    private int runsKept() {
        return (int) out().lines().count() - 1;
    }

    @Test
    void aTableComesInOnceHoweverOftenItIsBrought() {
        Map<String, Object> table = table(good("2026-05-14")
                + "2026-05-14," + rider + "," + course + ",right,7.2,\"line crossed, foot down\"\n"
                + "2026-05-14," + rider + "," + course + ",right,7.2,\"line crossed, foot down\"\n");
        int before = runsKept();
        JsonNode seen = preview(table);
        assertThat(findings(seen)).isEmpty();
        assertThat(seen.get("adds").asInt()).isEqualTo(3);
        assertThat(seen.get("newDays").size()).isEqualTo(1);
        assertThat(runsKept()).as("a preview stores nothing").isEqualTo(before);

        RunningApp.Answer came = APP.post("/api/run-files", table);
        assertThat(came.status()).as(came.raw().body()).isEqualTo(201);
        assertThat(came.body().get("added").asInt()).isEqualTo(3);
        assertThat(runsKept()).isEqualTo(before + 3);

        JsonNode again = APP.post("/api/run-files", table).body();
        assertThat(again.get("added").asInt()).isZero();
        assertThat(again.get("already").asInt()).isEqualTo(3);
        assertThat(again.get("daysMade").asInt()).isZero();
        assertThat(runsKept()).isEqualTo(before + 3);
    }

    @Test
    void whatGoesOutComesInAgainAsTheSame() {
        APP.post("/api/run-files", table(good("2026-05-15")));
        String out = out();
        JsonNode seen = preview(table(out));
        assertThat(findings(seen)).isEmpty();
        assertThat(seen.get("adds").asInt()).isZero();
        assertThat(seen.get("already").asInt()).isEqualTo(runsKept());
        JsonNode json =
                JSON.readTree(APP.get("/api/runs.json?riderId=" + riderId).raw().body());
        assertThat(json.get("format").asString()).isEqualTo("wren-lane-runs/2");
        assertThat(json.get("runs").size()).isEqualTo(runsKept());
        assertThat(StreamSupport.stream(json.get("runs").spliterator(), false))
                .anyMatch(run -> run.get("rider").asString().equals(rider)
                        && run.get("setting_m").asDouble() == 7.2
                        && run.get("outcome").asString().equals("clean"));
    }

    @Test
    void aByteOrderMarkSemicolonsDecimalCommasAndFeetAreRead() {
        Map<String, Object> table = table("\uFEFFDatum;Rider;Exercise;Direction;Width;Result;time_s;Comment\n"
                + "14.05.2026;" + rider.toUpperCase(Locale.ROOT) + ";" + course + ";L;7,25;ok;12,4;=1+1\n"
                + "\n"
                + "15.05.2026;" + rider + ";" + course + ";R;23' 6\";LF;;\n");
        assertThat(findings(preview(table))).isEmpty();
        APP.post("/api/run-files", table);
        String out = out();
        assertThat(out).contains("7.25,clean").contains("12.4").contains("'=1+1");
        assertThat(out).contains("7.1628,\"line crossed, foot down\"");
        assertThat(findings(preview(table(out)))).isEmpty();

        Map<String, Object> feet = table(good("2026-05-16").replace(",7.2,", ",24,"));
        feet.put("lengths", "IMPERIAL");
        APP.post("/api/run-files", feet);
        assertThat(out()).contains("7.3152");
    }

    /** Timed rides, runs broken off and simulated ones come in as what they are, also where they were never before. */
    @Test
    void whatIsNoPlainRunStaysWhatItIs() {
        String head = "date,rider,course,side,setting,outcome,sort,minutes,laps,simulated\n";
        String line = "2026-05-19," + rider + "," + course + ",left,7.2,";
        Map<String, Object> table = table(head + line + "\"line crossed x3, foot down\",spell,4.5,12,false\n" + line
                + "clean,broken off,,,false\n" + line + "clean,run,,,true\n");
        assertThat(findings(preview(table))).isEmpty();
        APP.post("/api/run-files", table);
        assertThat(out())
                .contains("\"line crossed x3, foot down\",spell,,4.5,12,")
                .contains("clean,broken off,,,,")
                .contains("clean,run,,,,,,true");
        assertThat(findings(preview(table(head + line + "clean,spell,,,false\n"))))
                .singleElement()
                .asString()
                .contains("minutes or laps");
        assertThat(findings(preview(table(head + line + "clean,run,5,,false\n"))))
                .hasSize(1);
    }

    @Test
    void monthFirstIsAnotherDay() {
        Map<String, Object> table = table(good("03/04/2026"));
        assertThat(preview(table).at("/newDays/0").asString()).isEqualTo("2026-04-03");
        table.put("dates", "MONTH_FIRST");
        assertThat(preview(table).at("/newDays/0").asString()).isEqualTo("2026-03-04");
    }

    @Test
    void everythingWrongIsSaidLineByLineAndNothingComesIn() {
        String line = "2026-05-14," + rider + "," + course + ",left,7.2,clean\n";
        Map<String, Object> table = table("date,rider,course,side,setting,outcome\n"
                + line
                + line.replace("2026-05-14", "31.02.2026")
                + line.replace(rider, "Nobody Known")
                + line.replace("left", "up")
                + line.replace("7.2", "wide")
                + line.replace("7.2", "70")
                + line.replace("clean", "fine")
                + line.replace("2026-05-14", "2199-01-01"));
        int before = runsKept();
        assertThat(findings(preview(table)))
                .hasSize(7)
                .anyMatch(f -> f.startsWith("3: The date “31.02.2026” is none"))
                .anyMatch(f -> f.startsWith("4: There is no rider called “Nobody Known”"))
                .anyMatch(f -> f.startsWith("5: The side “up”"))
                .anyMatch(f -> f.startsWith("6: The setting “wide”"))
                .anyMatch(f -> f.startsWith("7: Width must be between"))
                .anyMatch(f -> f.startsWith("8: The outcome “fine”"))
                .anyMatch(f -> f.startsWith("9: This run lies in the future"));
        assertThat(APP.post("/api/run-files", table).status()).isEqualTo(422);
        assertThat(runsKept()).isEqualTo(before);
    }

    @Test
    void columnsAreTakenAsTheyAreMapped() {
        Map<String, Object> table = table("a,b,c,d,e,f\n2026-05-17," + rider + "," + course + ",left,7.2,clean\n");
        assertThat(findings(preview(table))).hasSize(6).allMatch(f -> f.startsWith("0: No column says"));
        table.put(
                "columns",
                Map.of("DATE", "a", "RIDER", "b", "COURSE", "c", "SIDE", "d", "SETTING", "e", "OUTCOME", "f"));
        assertThat(findings(preview(table))).isEmpty();
        table.put("columns", Map.of("DATE", "a", "RIDER", "no such"));
        assertThat(findings(preview(table))).hasSize(5);
    }

    @Test
    void whatIsNoTableIsRefused() {
        assertThat(APP.post("/api/calculations/run-file-previews", table("")).status())
                .isEqualTo(422);
        assertThat(APP.post("/api/calculations/run-file-previews", table("a,b\n\"open"))
                        .status())
                .isEqualTo(422);
        assertThat(APP.post("/api/calculations/run-file-previews", Map.of()).status())
                .isIn(400, 422);
    }

    /** A line of commas alone, as long as a table may be, is refused before it is taken apart. */
    @ParameterizedTest
    @ValueSource(ints = {201, 30_000, 15_000_000})
    void aLineThatIsTooWideIsRefusedAtOnce(int columns) {
        RunningApp.Answer refused =
                APP.post("/api/calculations/run-file-previews", table("rider,date\n" + ",".repeat(columns)));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("detail").asString()).containsAnyOf("columns", "characters");
    }

    @Test
    void aHundredThousandLinesComeInAndOneMoreIsTooMany() {
        StringBuilder text = new StringBuilder("time,date,rider,course,side,setting,outcome\n");
        IntStream.range(0, 100_000)
                .forEach(i -> text.append(String.format("%02d:%02d:%02d,", i / 3600 % 24, i / 60 % 60, i % 60))
                        .append(i < 86_400 ? "2026-05-20," : "2026-05-21,")
                        .append(rider)
                        .append(',')
                        .append(course)
                        .append(i % 2 == 0 ? ",left,7.2,clean\n" : ",right,7.2,L\n"));
        int before = runsKept();
        JsonNode came = APP.post("/api/run-files", table(text.toString())).body();
        assertThat(came.get("added").asInt()).isEqualTo(100_000);
        assertThat(runsKept()).isEqualTo(before + 100_000);
        assertThat(APP.post("/api/run-files", table(text.toString()))
                        .body()
                        .get("added")
                        .asInt())
                .isZero();
        text.append("00:00:00,2026-05-22,")
                .append(rider)
                .append(',')
                .append(course)
                .append(",left,7.2,clean\n");
        RunningApp.Answer tooMany = APP.post("/api/run-files", table(text.toString()));
        assertThat(tooMany.status()).isEqualTo(422);
        assertThat(tooMany.raw().body()).contains("at most 100000 lines");
    }

    @Test
    void theSchemaKnowsWhatGoesOut() throws IOException {
        APP.post("/api/run-files", table(good("2026-05-18")));
        Schema schema = schemaOf(Path.of("../docs/formats/wren-lane-runs-2.schema.json"));
        JsonNode out =
                JSON.readTree(APP.get("/api/runs.json?riderId=" + riderId).raw().body());
        assertThat(schema.validate(out)).isEmpty();
        assertThat(schema.validate(JSON.readTree("{\"format\": \"wren-lane-runs/2\", \"runs\": [{}]}")))
                .isNotEmpty();
    }

    public static Schema schemaOf(Path file) throws IOException {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(file), InputFormat.JSON);
    }
}

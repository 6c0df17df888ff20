package wrenlane.server.platform.calculation;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.server.fixture.RunningApp;

/** What a newer request takes the place of is not calculated to its end, and no client is sent anything but its answer. */
class CalculationSlotsTest {
    /** A budget so long that only a newer request can end anything. */
    @RegisterExtension
    static final RunningApp APP =
            RunningApp.with("--wren.calculation-seconds=600", "--wren.demo=../demo/ferry-apron.json");

    private static String everyoneOnTheLargestCourse() {
        JsonNode eight = APP.get("/api/courses")
                .body()
                .valueStream()
                .filter(c -> c.get("kind").asString().equals("figure-eight"))
                .findFirst()
                .orElseThrow();
        List<Map<String, Object>> pairs = new ArrayList<>();
        for (JsonNode machine : APP.get("/api/machines").body()) {
            for (String level : List.of("NOVICE", "DEVELOPING", "SKILLED")) {
                pairs.add(Map.of("machineId", machine.get("id").asLong(), "level", level));
            }
        }
        Map<String, Object> course = new HashMap<>();
        for (String field : List.of("name", "kind", "lengths", "counts", "options", "firstTurn")) {
            course.put(field, eight.get(field));
        }
        return JsonMapper.builder()
                .build()
                .writeValueAsString(Map.of("course", course, "pairs", pairs, "limits", true));
    }

    private static void send(Socket socket, String path, String body, String slot) throws IOException {
        socket.getOutputStream()
                .write(("POST " + path + " HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                                + "Calculation-Slot: " + slot + "\r\nContent-Length: " + body.length() + "\r\n\r\n"
                                + body)
                        .getBytes(StandardCharsets.UTF_8));
    }

    /** The first line of an answer, however long it takes: interim responses would come before it. */
    private static String status(Socket socket) throws IOException {
        return new String(socket.getInputStream().readNBytes(12), StandardCharsets.US_ASCII);
    }

    @Test
    void endsWhereANewerRequestOfTheSamePageTakesItsPlace() throws IOException {
        ComputeScheduler scheduler = APP.bean(ComputeScheduler.class);
        String large = everyoneOnTheLargestCourse();
        try (Socket older = new Socket("127.0.0.1", APP.port());
                Socket newer = new Socket("127.0.0.1", APP.port())) {
            send(older, "/api/calculations/course-comparisons", large, "page-1.comparison");
            while (scheduler.underWay() < 10) {
                Thread.onSpinWait();
            }
            send(
                    newer,
                    "/api/calculations/course-comparisons",
                    large.replaceFirst("\"pairs\":\\[.*?\\]", "\"pairs\":[]"),
                    "page-1.comparison");
            assertThat(status(older)).isEqualTo("HTTP/1.1 409");
            assertThat(status(newer)).startsWith("HTTP/1.1 ").isNotEqualTo("HTTP/1.1 103");
        }
        while (scheduler.underWay() > 0) {
            Thread.onSpinWait();
        }
        assertThat(scheduler.gone()).isEqualTo(1);
    }
}

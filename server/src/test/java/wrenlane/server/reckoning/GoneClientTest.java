package wrenlane.server.reckoning;

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
import wrenlane.server.RunningApp;

/** What nobody waits for any more is not reckoned to its end. */
class GoneClientTest {
    /** A budget so long that only a client that has gone can end anything. */
    @RegisterExtension
    static final RunningApp APP =
            RunningApp.with("--wren.reckoning-seconds=600", "--wren.demo=../demo/ferry-apron.json");

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

    @Test
    void endsWithTheConnection() throws IOException {
        Reckoning reckoning = APP.bean(Reckoning.class);
        String body = everyoneOnTheLargestCourse();
        try (Socket socket = new Socket("127.0.0.1", APP.port())) {
            socket.getOutputStream()
                    .write(
                            ("POST /api/course-comparisons HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                                            + "Content-Length: " + body.length() + "\r\n\r\n" + body)
                                    .getBytes(StandardCharsets.UTF_8));
            while (reckoning.underWay() < 10) {
                Thread.onSpinWait();
            }
            // An interim response says that it is being reckoned.
            byte[] interim = socket.getInputStream().readNBytes(12);
            assertThat(new String(interim, StandardCharsets.US_ASCII)).isEqualTo("HTTP/1.1 103");
        }
        while (reckoning.underWay() > 0) {
            Thread.onSpinWait();
        }
        assertThat(reckoning.gone())
                .as("ended by the one who went, and not by the last row")
                .isEqualTo(1);
    }
}

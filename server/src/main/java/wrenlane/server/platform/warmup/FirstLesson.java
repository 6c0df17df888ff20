package wrenlane.server.platform.warmup;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.MediaType;
import org.springframework.web.client.RestClient;
import org.springframework.web.client.RestClientException;
import tools.jackson.databind.JsonNode;

/**
 * Asks the server what a lesson asks first, over its own port: what Range and Today show of the newest day, and to log a run.
 * The run is of a day there is not, so that it goes all the way to the tables and is refused there: nothing is stored.
 */
final class FirstLesson {
    private static final Logger LOG = LoggerFactory.getLogger(FirstLesson.class);

    /** How often: code that ran a few times is compiled. */
    private static final int ROUNDS = 5;

    private final RestClient client;

    FirstLesson(String address) {
        client = RestClient.create(address);
    }

    /** Asks, and tells whether there was a day with riders and courses to ask about, and all was answered. */
    boolean ask() {
        try {
            for (JsonNode day : read("/api/days")) {
                if (!day.path("riders").isEmpty() && !day.path("courseIds").isEmpty()) {
                    askOf(day);
                    return true;
                }
            }
        } catch (RestClientException e) {
            // Whoever comes first waits a moment longer.
            LOG.debug("Not warmed up", e);
        }
        return false;
    }

    private void askOf(JsonNode day) {
        JsonNode pair = day.path("riders").get(0);
        long rider = pair.path("riderId").asLong();
        long machine = pair.path("machineId").asLong();
        long course = day.path("courseIds").get(0).asLong();
        JsonNode range = read("/api/days/%d/riders/%d/range?courseId=%d&machineId=%d"
                .formatted(day.path("id").asLong(), rider, course, machine));
        JsonNode sizes = range.at("/riderSizes/ladder/sizes");
        for (int round = 0; round < ROUNDS && !sizes.isEmpty(); round++) {
            refused(rider, machine, course, sizes.get(0).path("settingMetres").asDouble());
        }
        read("/api/days/%d/briefing".formatted(day.path("id").asLong()));
    }

    private JsonNode read(String path) {
        JsonNode answer = client.get().uri(path).retrieve().body(JsonNode.class);
        if (answer == null) {
            throw new RestClientException("no answer to " + path);
        }
        return answer;
    }

    private void refused(long rider, long machine, long course, double setting) {
        client.put()
                .uri("/api/runs/warming-up")
                .contentType(MediaType.APPLICATION_JSON)
                .body(Map.of(
                        "dayId",
                        0,
                        "riderId",
                        rider,
                        "machineId",
                        machine,
                        "courseId",
                        course,
                        "side",
                        "LEFT",
                        "settingMetres",
                        setting,
                        "faults",
                        List.of(),
                        "loggedAt",
                        Instant.EPOCH.toString()))
                .retrieve()
                .onStatus(status -> status.value() == 422, (request, response) -> {})
                .toBodilessEntity();
    }
}

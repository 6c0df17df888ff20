package wrenlane.server.platform.event;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Scanner;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.RunningApp;

/** Whoever listens hears of what others store, and of nothing else. */
class NewsTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private final BlockingQueue<String> heard = new LinkedBlockingQueue<>();
    private InputStream stream = InputStream.nullInputStream();
    private long rider;
    private long machine;
    private long course;
    private long day;

    private static long id(RunningApp.Answer created) {
        return created.body().get("id").asLong();
    }

    private InputStream listening(BlockingQueue<String> to) throws IOException, InterruptedException {
        HttpResponse<InputStream> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + APP.port() + "/api/news"))
                                // Answered at once, and not with the first news or the next pulse.
                                .timeout(Duration.ofSeconds(10))
                                .build(),
                        HttpResponse.BodyHandlers.ofInputStream());
        assertThat(answer.headers().firstValue("content-type"))
                .hasValueSatisfying(t -> assertThat(t).startsWith("text/event-stream"));
        InputStream body = answer.body();
        Thread reader = new Thread(() -> {
            Scanner lines = new Scanner(body, StandardCharsets.UTF_8);
            while (lines.hasNextLine()) {
                String line = lines.nextLine();
                if (line.startsWith("data:")) {
                    to.add(line.substring(5));
                }
            }
        });
        reader.setDaemon(true);
        reader.start();
        return body;
    }

    @BeforeEach
    void listen() throws IOException, InterruptedException {
        machine = id(APP.post("/api/machines", Courses.machine("300 twin")));
        rider = id(APP.post("/api/riders", Courses.rider("Ada Testwick")));
        course = id(APP.post("/api/courses", Courses.box(7.2)));
        stream = listening(heard);
        day = id(APP.post(
                "/api/days",
                Map.of(
                        "date", "2026-05-14",
                        "title", "A day",
                        "courseIds", List.of(course),
                        "stands", List.of(),
                        "riders", List.of(Map.of("riderId", rider, "machineId", machine)))));
        assertThat(hear("DAY")).contains("\"dayId\":" + day);
    }

    @AfterEach
    void leave() throws IOException {
        stream.close();
    }

    /** The next of a topic about this day; other tests of this app are told of too. */
    private String hear(String topic) throws InterruptedException {
        for (String news = heard.poll(10, TimeUnit.SECONDS); news != null; news = heard.poll(10, TimeUnit.SECONDS)) {
            if (news.contains(topic) && (day == 0 || news.contains("\"dayId\":" + day))) {
                return news;
            }
        }
        throw new AssertionError("nothing heard of " + topic);
    }

    private Map<String, Object> run(String side) {
        return Map.of(
                "dayId", day,
                "riderId", rider,
                "machineId", machine,
                "courseId", course,
                "side", side,
                "settingMetres", 7.2,
                "faults", List.of(),
                "loggedAt", "2026-05-14T09:00:00Z");
    }

    @Test
    void aRunStoredAndUndoneIsTold() throws InterruptedException {
        String id = UUID.randomUUID().toString();
        APP.put("/api/runs/" + id, run("LEFT"));
        hear("RUNS");
        APP.delete("/api/runs/" + id);
        hear("RUNS");
    }

    /** A page reads, and listens a moment later: what was stored in between is told once it listens. */
    @Test
    void whatWasToldAMomentAgoIsToldToWhoeverBeginsToListen() throws IOException, InterruptedException {
        BlockingQueue<String> late = new LinkedBlockingQueue<>();
        try (InputStream body = listening(late)) {
            for (String news = ""; !news.contains("\"dayId\":" + day); ) {
                news = late.poll(20, TimeUnit.SECONDS);
                assertThat(news).as("the day made before").isNotNull();
            }
        }
    }

    /** What is refused, or stored already, is no news: the first heard after it is of the lesson changed after. */
    @Test
    void whatIsRefusedOrSentAgainIsNotTold() throws InterruptedException {
        String id = UUID.randomUUID().toString();
        APP.put("/api/runs/" + id, run("LEFT"));
        hear("RUNS");
        assertThat(APP.put("/api/runs/" + id, run("LEFT")).status()).isEqualTo(200);
        assertThat(APP.put("/api/runs/" + id, run("RIGHT")).status()).isEqualTo(409);
        String settings = "{\"startsAt\":\"10:00\",\"minutes\":90,\"areas\":1,\"helpers\":0,\"weather\":\"DRY\","
                + "\"absent\":[],\"wishes\":[]}";
        assertThat(APP.send(
                                "PUT",
                                "/api/days/" + day + "/lesson",
                                settings,
                                "If-Match",
                                APP.version("/api/days/" + day + "/lesson"))
                        .status())
                .isEqualTo(200);
        assertThat(hear("")).contains("DAY");
    }
}

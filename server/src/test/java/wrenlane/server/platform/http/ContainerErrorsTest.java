package wrenlane.server.platform.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.server.fixture.RunningApp;

/** What the container refuses before any of our code sees it is a problem document too, and says nothing back. */
class ContainerErrorsTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.with("--server.tomcat.connection-timeout=1s");

    private static final int PATIENCE_MILLISECONDS = 20_000;

    /** Sends bytes as they are, and gives all that comes back until the connection is closed. */
    private static String raw(String request) {
        try (Socket socket = new Socket("127.0.0.1", APP.port())) {
            socket.setSoTimeout(PATIENCE_MILLISECONDS);
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().flush();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String get(String path, String... headers) {
        return raw("GET " + path + " HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n"
                + String.join("", List.of(headers).stream().map(h -> h + "\r\n").toList()) + "\r\n");
    }

    private static void isAProblem(String answer, int status) {
        assertThat(answer).startsWith("HTTP/1.1 " + status).doesNotContain("<html", "Tomcat", "Exception", "\tat ");
        if (answer.contains("\r\n\r\n") && !answer.endsWith("\r\n\r\n")) {
            assertThat(answer)
                    .containsIgnoringCase("content-type: application/problem+json")
                    .containsIgnoringCase("content-security-policy: default-src 'none'")
                    .containsIgnoringCase("x-content-type-options: nosniff")
                    .contains("\"detail\":\"");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/..%2f..%2fetc", "/api/%00", "/api/days/%2e%2e/%2e%2e/x;y", "/%ff%fe", "/api/days\\x"})
    void oddPaths(String path) {
        String answer = get(path);
        int status = Integer.parseInt(answer.substring(9, 12));
        assertThat(status).isIn(400, 404);
        isAProblem(answer, status);
    }

    @Test
    void aRequestLineThatIsNone() {
        isAProblem(raw("GET /a|b HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n"), 400);
        isAProblem(raw("NONSENSE\r\n\r\n"), 400);
        isAProblem(raw("GET / HTTP/1.1\r\nHost: a b\r\nConnection: close\r\n\r\n"), 400);
        isAProblem(raw("GET / HTTP/9.9\r\nHost: localhost\r\nConnection: close\r\n\r\n"), 505);
    }

    @Test
    void oddMethods() {
        for (String method : List.of("TRACE", "PROPFIND", "PATCH", "FOO")) {
            RunningApp.Answer answer = APP.send(method, "/api/days", "");
            assertThat(answer.status()).as(method).isIn(405, 501);
            assertThat(answer.body().get("detail").asString()).isNotBlank();
        }
    }

    @Test
    void anErrorPageAskedForByItselfIsNothing() {
        assertThat(APP.get("/error").status()).isEqualTo(404);
        assertThat(APP.get("/error").body().get("detail").asString()).isNotBlank();
    }

    @Test
    void aRangeBeyondTheEnd() {
        isAProblem(get("/index.html", "Range: bytes=999999-"), 416);
    }

    @Test
    void typesAndBodiesThatAreNotJson() {
        String rider = "{\"name\":\"Ada\",\"level\":\"NOVICE\",\"school\":\"DRAG\",\"notes\":\"\"}";
        for (String type :
                List.of("*/*", "application/*", "application/x-www-form-urlencoded", "text/plain", "nonsense")) {
            String answer = raw("POST /api/riders HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\nContent-Type: "
                    + type + "\r\nContent-Length: " + rider.length() + "\r\n\r\n" + rider);
            isAProblem(answer, 415);
        }
    }

    @Test
    void aHalfOfAPairInTheAddressIsNoErrorOfOurs() {
        isAProblem(get("/api/riders/1/progress?kind=%ED%A0%80"), 400);
    }

    @Test
    void nothingLongIsSaidBack() {
        String long200 = "x".repeat(200);
        for (String path : List.of(
                "/api/" + long200,
                "/api/days/" + long200,
                "/api/riders/1/progress?kind=" + long200,
                "/api/copies/" + long200,
                "/api/drills/" + long200)) {
            assertThat(get(path)).doesNotContain("x".repeat(101));
        }
        String answer =
                APP.send("POST", "/api/riders", "{\"" + long200 + "\":1}").raw().body();
        assertThat(answer).doesNotContain("x".repeat(101));
    }

    /** Asking for another form than there is refuses nothing that was carried out. */
    @Test
    void aWriteAnswersInTheFormThereIs() {
        RunningApp.Answer answer = APP.send(
                "POST",
                "/api/riders",
                "{\"name\":\"Ada\",\"level\":\"NOVICE\",\"school\":\"DRAG\",\"notes\":\"\"}",
                "Accept",
                "text/html");
        assertThat(answer.status()).isEqualTo(201);
        assertThat(answer.body().get("id").asLong()).isPositive();
    }

    @Test
    void nothingOfTheApiIsKeptByABrowser() {
        assertThat(APP.get("/api/days").raw().headers().firstValue("Cache-Control"))
                .hasValue("no-store");
    }

    /** Senders who fall silent are cut off, and hold up nobody else meanwhile. */
    @Test
    void silentSendersHoldUpNobody() throws IOException {
        List<Socket> silent = new ArrayList<>();
        try {
            for (int i = 0; i < 230; i++) {
                Socket socket = new Socket("127.0.0.1", APP.port());
                socket.setSoTimeout(PATIENCE_MILLISECONDS);
                socket.getOutputStream()
                        .write(("POST /api/riders HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                                        + "Content-Length: 100\r\n\r\n{\"name\"")
                                .getBytes(StandardCharsets.ISO_8859_1));
                silent.add(socket);
            }
            assertThat(APP.get("/api/days").status()).isEqualTo(200);
            for (Socket socket : silent) {
                InputStream in = socket.getInputStream();
                // Those who were let in have fallen silent; the others are told when to come again.
                assertThat(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                        .satisfiesAnyOf(
                                answer -> assertThat(answer).startsWith("HTTP/1.1 408"),
                                answer -> assertThat(answer)
                                        .startsWith("HTTP/1.1 503")
                                        .containsIgnoringCase("retry-after: "));
            }
        } finally {
            for (Socket socket : silent) {
                socket.close();
            }
        }
    }
}

package wrenlane.server.platform.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.server.fixture.RunningApp;

/** The app keeps to its own address; spoken to over a bare socket, since HTTP clients guard these headers. */
class OwnSiteTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    @ParameterizedTest
    @CsvSource({
        "localhost:1234, '', 200",
        "127.0.0.1, '', 200",
        "wren.example, '', 421",
        "127.0.0.1.wren.example, '', 421",
        "'', '', 400",
        "localhost, http://localhost, 200",
        "localhost, http://wren.example, 403",
        "localhost, null, 403",
    })
    void answersToItsOwnAddressOnly(String host, String origin, int status) throws IOException {
        String headers = (host.isEmpty() ? "" : "Host: " + host + "\r\n")
                + (origin.isEmpty() ? "" : "Origin: " + origin + "\r\n");
        assertThat(speak("GET /api/about HTTP/1.1\r\n" + headers + "Connection: close\r\n\r\n"))
                .startsWith("HTTP/1.1 " + status);
    }

    @Test
    void stopsReadingABodyOfUnannouncedLength() throws IOException {
        String chunk = "{\"name\":\"" + "x".repeat(250_000) + "\"}";
        String answer = speak("POST /api/yards HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                + "Transfer-Encoding: chunked\r\nConnection: close\r\n\r\n" + Integer.toHexString(chunk.length())
                + "\r\n" + chunk + "\r\n0\r\n\r\n");
        assertThat(answer).startsWith("HTTP/1.1 413").contains("application/problem+json");
    }

    @Test
    void allowsOnlyTheAppItself() {
        var headers = APP.get("/api/about").raw().headers();
        assertThat(headers.firstValue("Content-Security-Policy").orElse(""))
                .contains("default-src 'none'", "frame-ancestors 'none'")
                .doesNotContain("unsafe");
        assertThat(headers.firstValue("X-Content-Type-Options")).hasValue("nosniff");
    }

    @ParameterizedTest
    @CsvSource({"/", "/today", "/yard/3", "/course", "/range/2/5", "/progress/1", "/nowhere"})
    void givesThePageAtEveryStop(String address) {
        assertThat(APP.get(address).status()).isEqualTo(200);
        assertThat(APP.get(address).raw().body()).containsIgnoringCase("<!doctype html>");
    }

    private static String speak(String request) throws IOException {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), APP.port())) {
            OutputStream out = socket.getOutputStream();
            out.write(request.getBytes(StandardCharsets.UTF_8));
            out.flush();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}

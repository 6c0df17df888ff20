package wrenlane.server.platform.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.net.SocketException;
import java.net.SocketTimeoutException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import wrenlane.server.fixture.Courses;
import wrenlane.server.fixture.NetworkDevice;
import wrenlane.server.fixture.RunningApp;
import wrenlane.server.platform.signin.Passphrase;

/** The app on a network, spoken to over TLS as a device that has installed the authority's certificate. */
class NetworkTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.onNetwork();

    /** Of its own: whoever guesses wrong here has to wait. */
    @RegisterExtension
    static final RunningApp GUESSED = RunningApp.onNetwork();

    @Test
    void pagesAreForEverybodyAndDataForThoseWhoSignIn() throws Exception {
        NetworkDevice phone = new NetworkDevice(APP);
        assertThat(phone.status("GET", "/range")).isEqualTo(200);
        assertThat(phone.status("GET", "/api/days")).isEqualTo(401);
        assertThat(phone.send("GET", "/api/session", "").body()).contains("\"asked\":true", "\"signedIn\":false");

        HttpResponse<String> entered = phone.signIn(RunningApp.PASSPHRASE);
        assertThat(entered.statusCode()).isEqualTo(204);
        assertThat(entered.headers().firstValue("Set-Cookie").orElseThrow())
                .contains("HttpOnly", "Secure", "SameSite=Strict", "Path=/");
        assertThat(phone.status("GET", "/api/days")).isEqualTo(200);
        assertThat(phone.send("GET", "/api/session", "").body()).contains("\"signedIn\":true");

        assertThat(phone.status("DELETE", "/api/session")).isEqualTo(204);
        assertThat(phone.status("GET", "/api/days")).isEqualTo(401);
    }

    /** However an address is written, what it leads to is what counts. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/days",
                "/api/runs",
                "/api/news",
                "/api/copies",
                "/api/openapi.json",
                "/api/network",
                "/api/about",
                "/%61pi/days",
                "/a%70i/copies",
                "/api/session/../days",
                "/api//days",
                "//api/days",
                "/api;x=1/days",
                "/range/..;/api/days",
                "/api/days/",
                "/api/network/authority.crt/../../days",
            })
    void nothingIsReadWithoutSigningIn(String path) throws Exception {
        HttpResponse<String> answer = new NetworkDevice(APP).send("GET", path, "");
        assertThat(answer.statusCode()).isIn(400, 401, 404);
        assertThat(answer.body()).contains("\"detail\"").doesNotContain("dataFolder");
    }

    @Test
    void nothingIsWrittenWithoutSigningIn() throws Exception {
        NetworkDevice phone = new NetworkDevice(APP);
        String rider = "{\"name\":\"From outside\",\"level\":\"NEW\"}";
        assertThat(phone.send("POST", "/api/riders", rider).statusCode()).isEqualTo(401);
        assertThat(phone.status("DELETE", "/api/riders/1")).isEqualTo(401);
        assertThat(phone.send("POST", "/api/copies/uploads", "x").statusCode()).isEqualTo(401);
    }

    /** What is no passphrase at all is no guess either. */
    @ParameterizedTest
    @ValueSource(strings = {"{}", "{\"passphrase\":null}", "{\"passphrase\":5,\"x\":1}", "[]", ""})
    void whatSaysNoPassphraseIsRefused(String body) throws Exception {
        HttpResponse<String> answer = new NetworkDevice(APP).send("POST", "/api/session", body);
        assertThat(answer.statusCode()).isIn(400, 422);
        assertThat(answer.body()).contains("\"detail\"");
    }

    @Test
    void aTokenThatWasChangedIsNone() throws Exception {
        NetworkDevice phone = new NetworkDevice(APP);
        phone.signIn(RunningApp.PASSPHRASE);
        phone.forge();
        assertThat(phone.status("GET", "/api/days")).isEqualTo(401);
    }

    @Test
    void writesFromAnotherSiteAreRefusedEvenSignedIn() throws Exception {
        NetworkDevice phone = new NetworkDevice(APP);
        phone.signIn(RunningApp.PASSPHRASE);
        String rider = "{\"name\":\"From a page elsewhere\",\"level\":\"NEW\"}";
        for (String[] from : new String[][] {{"Origin", "https://wren.example"}, {"Sec-Fetch-Site", "cross-site"}}) {
            assertThat(phone.send("POST", "/api/riders", rider, from).statusCode())
                    .isEqualTo(403);
        }
    }

    @Test
    void onThisMachineItselfNobodyIsAsked() {
        assertThat(APP.get("/api/days").status()).isEqualTo(200);
        JsonNode session = APP.get("/api/session").body();
        assertThat(session.get("asked").asBoolean()).isFalse();
        assertThat(session.get("signedIn").asBoolean()).isTrue();
        assertThat(APP.post("/api/session", Map.of("passphrase", "x")).status()).isEqualTo(409);
    }

    @Test
    void aNewPassphraseSignsOutEveryDevice() throws Exception {
        NetworkDevice phone = new NetworkDevice(APP);
        phone.signIn(RunningApp.PASSPHRASE);
        assertThat(phone.status("GET", "/api/days")).isEqualTo(200);
        Passphrase.of(APP.folder()).set("another one altogether");
        assertThat(phone.status("GET", "/api/days")).isEqualTo(401);
        assertThat(phone.signIn("another one altogether").statusCode()).isEqualTo(204);
        Passphrase.of(APP.folder()).set(RunningApp.PASSPHRASE);
    }

    @Test
    void guessingIsSlowedDown() throws Exception {
        NetworkDevice phone = new NetworkDevice(GUESSED);
        for (int i = 0; i < 3; i++) {
            HttpResponse<String> wrong = phone.signIn("not the right one " + i);
            assertThat(wrong.statusCode()).isEqualTo(422);
            assertThat(wrong.body()).contains("not the passphrase");
        }
        HttpResponse<String> early = phone.signIn(RunningApp.PASSPHRASE);
        assertThat(early.statusCode()).isEqualTo(429);
        assertThat(early.headers().firstValue("Retry-After")).contains("1");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "x",
                "====",
                "%00",
                "OjoOjo6",
                "ZGV2aWNlOjk5OTk5OTk5OTk5OTk5OTk5OTk5OmFiYw",
                "ZGV2aWNlOjE6Tk9UX0FOX0FMR09SSVRITTphYmM",
                "ZGV2aWNlOi0xOlNIQTI1NjphYmM"
            })
    void aCookieThatIsNoTokenIsNone(String value) throws Exception {
        NetworkDevice phone = new NetworkDevice(APP);
        phone.carry("wren-signed-in=" + value);
        assertThat(phone.status("GET", "/api/days")).isEqualTo(401);
    }

    /** Signing out is the server's: the token that was carried is worth nothing afterwards. */
    @Test
    void aDeviceThatSignedOutIsSignedOut() throws Exception {
        NetworkDevice phone = new NetworkDevice(APP);
        phone.signIn(RunningApp.PASSPHRASE);
        String token = phone.cookie();
        assertThat(phone.status("DELETE", "/api/session")).isEqualTo(204);
        phone.carry(token);
        assertThat(phone.status("GET", "/api/days")).isEqualTo(401);
    }

    @Test
    void theLaptopSignsDevicesOut() throws Exception {
        NetworkDevice lost = new NetworkDevice(APP);
        lost.signIn(RunningApp.PASSPHRASE);
        JsonNode newest = APP.get("/api/network/devices").body().get(0);
        assertThat(newest.get("address").asString()).isEqualTo("127.0.0.1");
        NetworkDevice other = new NetworkDevice(APP);
        other.signIn(RunningApp.PASSPHRASE);
        assertThat(APP.delete("/api/network/devices/" + newest.get("id").asString())
                        .status())
                .isEqualTo(204);
        assertThat(lost.status("GET", "/api/days")).isEqualTo(401);
        assertThat(other.status("GET", "/api/days")).isEqualTo(200);
        assertThat(APP.get("/api/network/devices").body().valueStream().map(d -> d.get("id")))
                .doesNotContain(newest.get("id"));
    }

    @Test
    @Timeout(60)
    void newsEndWithTheSignIn() throws Exception {
        NetworkDevice phone = new NetworkDevice(APP);
        phone.signIn(RunningApp.PASSPHRASE);
        try (InputStream news = phone.news()) {
            assertThat(news.read()).isNotNegative();
            assertThat(phone.status("DELETE", "/api/session")).isEqualTo(204);
            news.readAllBytes();
        }
    }

    /** Another process sets it; the server notices within two seconds. */
    @Test
    @Timeout(60)
    void newsEndWithAnOldPassphrase() throws Exception {
        NetworkDevice phone = new NetworkDevice(APP);
        phone.signIn(RunningApp.PASSPHRASE);
        try (InputStream news = phone.news()) {
            assertThat(news.read()).isNotNegative();
            Passphrase.of(APP.folder()).set("another one altogether");
            news.readAllBytes();
            assertThat(APP.get("/api/network/devices").body()).isEmpty();
        } finally {
            Passphrase.of(APP.folder()).set(RunningApp.PASSPHRASE);
        }
    }

    /** All data at once, and who is signed in, is for the laptop itself. */
    @ParameterizedTest
    @CsvSource({
        "GET, /api/copies",
        "POST, /api/copies",
        "POST, /api/copies/uploads",
        "POST, /api/copies/restorations",
        "GET, /api/network/devices"
    })
    void copiesAndDevicesAreForTheLaptopItself(String method, String path) throws Exception {
        NetworkDevice phone = new NetworkDevice(APP);
        phone.signIn(RunningApp.PASSPHRASE);
        assertThat(phone.status(method, path)).isEqualTo(403);
        assertThat(phone.send("GET", "/api/about", "").body())
                .doesNotContain(APP.folder().toString());
    }

    /** Strangers who send a byte now and then hold up neither the laptop nor a device that is signed in. */
    @Test
    void slowStrangersHoldUpNobody() throws Exception {
        NetworkDevice phone = new NetworkDevice(GUESSED);
        int port = GUESSED.bean(NetworkConnector.class).port();
        List<Socket> strangers = new ArrayList<>();
        try {
            for (int i = 0; i < 14; i++) {
                Socket stranger = phone.connect(port);
                strangers.add(stranger);
                stranger.getOutputStream()
                        .write(("POST /api/" + (i % 2 == 0 ? "session" : "riders") + " HTTP/1.1\r\nHost: 127.0.0.1:"
                                        + port + "\r\nContent-Type: application/json\r\nContent-Length: 4000\r\n\r\n{")
                                .getBytes(StandardCharsets.US_ASCII));
                stranger.getOutputStream().flush();
            }
            for (int i = 0; i < 20; i++) {
                assertThat(GUESSED.post("/api/riders", Courses.rider("Here " + i))
                                .status())
                        .isEqualTo(201);
            }
            // Those who may not write are answered at once, and not read to their end.
            for (int i = 1; i < strangers.size(); i += 2) {
                assertThat(new String(strangers.get(i).getInputStream().readAllBytes(), StandardCharsets.UTF_8))
                        .startsWith("HTTP/1.1 401");
            }
        } finally {
            for (Socket stranger : strangers) {
                stranger.close();
            }
        }
    }

    /** A connection too many is closed before TLS begins; those before it stay. */
    @Test
    void closesConnectionsThatOneStrangerOpensTooOften() throws Exception {
        int port = GUESSED.bean(NetworkConnector.class).port();
        List<Socket> opened = new ArrayList<>();
        try {
            for (int i = 0; i < 40; i++) {
                Socket socket = new Socket("127.0.0.1", port, InetAddress.getByName("127.0.9.1"), 0);
                opened.add(socket);
            }
            assertThat(isClosed(opened.get(39))).isTrue();
            opened.get(0).setSoTimeout(100);
            assertThatThrownBy(() -> opened.get(0).getInputStream().read()).isInstanceOf(SocketTimeoutException.class);
        } finally {
            for (Socket socket : opened) {
                socket.close();
            }
        }
    }

    private static boolean isClosed(Socket socket) throws IOException {
        socket.setSoTimeout(10_000);
        try {
            return socket.getInputStream().read() < 0;
        } catch (SocketException reset) {
            return true;
        }
    }

    @Test
    void saysWherePhonesFindIt() {
        JsonNode network = APP.get("/api/network").body();
        assertThat(network.get("on").asBoolean()).isTrue();
        assertThat(network.get("moved").asBoolean()).isFalse();
        for (JsonNode place : network.get("places")) {
            assertThat(place.get("address").asString())
                    .matches("https://[0-9.]+:"
                            + APP.bean(NetworkConnector.class).port());
        }
    }
}

package wrenlane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import wrenlane.server.network.NetworkConnector;
import wrenlane.server.network.Passphrase;

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

package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static wrenlane.e2e.App.button;
import static wrenlane.e2e.App.fill;
import static wrenlane.e2e.App.press;
import static wrenlane.e2e.App.untilKept;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.cert.CertificateFactory;
import java.util.Base64;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A phone of the network signs in, logs, is out of reach, and signs out. */
class NetworkIT {
    @RegisterExtension
    static final App APP = App.onNetwork();

    private static void signIn(Page page, String passphrase) {
        fill(page, "Passphrase", passphrase);
        press(page, "Sign in");
    }

    private static String authorityKey() throws IOException, InterruptedException, GeneralSecurityException {
        HttpRequest ask = HttpRequest.newBuilder(URI.create(APP.address() + "/api/network/authority.crt"))
                .build();
        byte[] file = HttpClient.newHttpClient()
                .send(ask, HttpResponse.BodyHandlers.ofByteArray())
                .body();
        byte[] key = CertificateFactory.getInstance("X.509")
                .generateCertificate(new ByteArrayInputStream(file))
                .getPublicKey()
                .getEncoded();
        return Base64.getEncoder()
                .encodeToString(MessageDigest.getInstance("SHA-256").digest(key));
    }

    /** What the header says. */
    private static Locator label(Page page, String words) {
        return page.getByRole(AriaRole.BANNER).getByText(words);
    }

    /** It has not installed the certificate: it is asked in, told to keep the page open, and logs. */
    @Test
    void aPhoneThatWentOnPastTheWarningLogsAsLongAsThePageStaysOpen() throws IOException {
        Page page = APP.chromium().phoneThatWentOn();
        page.navigate(APP.server().networkAddress() + "/range/1");
        signIn(page, "not the right words");
        assertThat(page.getByText("That is not the passphrase of this school.")).isVisible();
        signIn(page, RunningServer.PASSPHRASE);
        press(page, "Clean");
        assertThat(page.getByText("All saved on the server")).isVisible();
        assertThat(page.getByText("Keep open")).isVisible();

        APP.server().stop();
        press(page, "Clean");
        assertThat(page.getByText("1 saved on this device")).isVisible();
        assertThat(label(page, "Out of reach")).isVisible();
        APP.server().start();
        // Signed in still, though the server is another process by now.
        assertThat(page.getByText("All saved on the server")).isVisible();
        assertThat(label(page, "Out of reach")).hasCount(0);
    }

    /** With the certificate installed it opens out of reach too. */
    @Test
    void aPhoneThatTrustsTheSchoolOpensOutOfReach() throws Exception {
        Chromium phone = APP.trusting(authorityKey());
        Page page = phone.keepingPhone();
        page.navigate(APP.server().networkAddress() + "/range/2");
        signIn(page, RunningServer.PASSPHRASE);
        untilKept(page);
        assertThat(page.getByText("Keep open")).hasCount(0);
        APP.server().stop();
        page.close();
        Page cold = page.context().newPage();
        cold.navigate(APP.server().networkAddress() + "/range/2");
        press(cold, "Clean");
        assertThat(cold.getByText("1 saved on this device")).isVisible();
        APP.server().start();
        assertThat(cold.getByText("All saved on the server")).isVisible();
        assertEquals(List.of(), phone.complaints());
    }

    /** What was tapped waits for the passphrase, and is sent after it. */
    @Test
    void signedOutRunsWaitAndNothingIsShown() {
        Page page = APP.chromium().phoneThatWentOn();
        page.navigate(APP.server().networkAddress() + "/range/3");
        signIn(page, RunningServer.PASSPHRASE);
        assertThat(button(page, "Clean")).isEnabled();
        // As when another device has set a new passphrase: the token no longer holds.
        page.context().clearCookies();
        press(page, "Clean");
        assertThat(page.getByText("With the passphrase of this school.")).isVisible();
        signIn(page, RunningServer.PASSPHRASE);
        assertThat(page.getByText("All saved on the server")).isVisible();
        assertThat(page.getByTestId("run")).hasCount(1);

        page.navigate(APP.server().networkAddress() + "/phone");
        press(page, "Sign this device out");
        assertThat(page.getByText("With the passphrase of this school.")).isVisible();
        page.navigate(APP.server().networkAddress() + "/today");
        assertThat(page.getByText("With the passphrase of this school.")).isVisible();
        assertThat(button(page, "Sign in")).isVisible();
    }

    /** What was asked without the passphrase may be refused only after it was taken, on a slow network. */
    @Test
    void aLateRefusalFromBeforeSigningInIsNotShown() {
        Page page = APP.chromium().phoneThatWentOn();
        Queue<Route> late = new ConcurrentLinkedQueue<>();
        AtomicInteger asked = new AtomicInteger();
        page.route("**/api/days", route -> {
            // The first is refused at once, and so leads to the question for the passphrase.
            if (asked.incrementAndGet() == 2) {
                late.add(route);
            } else {
                route.resume();
            }
        });
        page.navigate(APP.server().networkAddress() + "/range/4");
        assertThat(button(page, "Sign in")).isVisible();
        page.waitForCondition(() -> !late.isEmpty());
        page.waitForResponse("**/api/session", () -> signIn(page, RunningServer.PASSPHRASE));
        assertThat(button(page, "Sign in")).hasCount(0);
        late.remove()
                .fulfill(new Route.FulfillOptions()
                        .setStatus(401)
                        .setContentType("application/problem+json")
                        .setBody("{\"detail\":\"Sign in first.\"}"));
        press(page, "Clean");
        assertThat(page.getByText("All saved on the server")).isVisible();
    }

    @Test
    void onTheLaptopNobodyIsAsked() {
        Page page = APP.desk("/phone");
        assertThat(page.getByText("Phones and tablets").first()).isVisible();
        assertThat(page.getByText("Sign in")).hasCount(0);
    }
}

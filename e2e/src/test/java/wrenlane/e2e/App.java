package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.TestExecutionExceptionHandler;

/**
 * The app, with its demo day or empty, and a browser, for all tests of a class; each test leaves its pages. The browser, and
 * the usual servers with and without the demo day, are those of the classes before: the data is as it came, the program is
 * warm.
 */
final class App implements BeforeAllCallback, TestExecutionExceptionHandler, AfterEachCallback, AfterAllCallback {
    /** A server as a class wants it. */
    private interface ServerStarter {
        RunningServer start() throws IOException;
    }

    /** Nothing is waited for, no part is yet to be drawn, and the ground of every plan has its drawing or says why not. */
    private static final String WHOLE = """
            () => !/One moment|Calculating|Looking for places/.test(document.body.innerText)
              && document.querySelector('[data-to-come]') === null
              && [...document.querySelectorAll('div.bg-tarmac')].every((g) => g.querySelector('svg') || g.innerText)""";

    private final boolean demo;
    private final Optional<ServerStarter> own;
    private @Nullable SharedServer shared;
    private @Nullable RunningServer server;
    private @Nullable Chromium chromium;

    /** Browsers of the test that runs, besides the one all share. */
    private final List<Chromium> phones = new ArrayList<>();

    private App(boolean demo, Optional<ServerStarter> own) {
        this.demo = demo;
        this.own = own;
    }

    /** With the demo day, on the server that classes use in turn. */
    static App withDemoDay() {
        return new App(true, Optional.empty());
    }

    /** With the demo day, and without what other classes have left beside the data. */
    static App withDemoDayOfItsOwn() {
        return new App(true, Optional.of(() -> new RunningServer(true, false)));
    }

    /** With the demo day, for so many pages that optimising the server pays. */
    static App withDemoDayForManyPages() {
        return new App(true, Optional.of(RunningServer::asForAPerson));
    }

    /** With the demo day, and with phones of the network let in. */
    static App onNetwork() {
        return new App(true, Optional.of(() -> new RunningServer(true, true)));
    }

    /** Without data, on the server that classes use in turn. */
    static App empty() {
        return new App(false, Optional.empty());
    }

    @Override
    public void beforeAll(ExtensionContext context) throws IOException {
        ExtensionContext.Store used = context.getStore(
                ExtensionContext.StoreScope.LAUNCHER_SESSION, ExtensionContext.Namespace.create(App.class));
        chromium = used.getOrComputeIfAbsent("browser", key -> new Chromium(), Chromium.class);
        chromium.forget();
        if (own.isPresent()) {
            server = own.get().start();
        } else {
            shared = used.getOrComputeIfAbsent(
                    demo ? "demo day" : "empty", key -> SharedServer.started(demo), SharedServer.class);
            asItCame();
        }
    }

    /** Puts the data that the shared server came with in the place of what a test has left. */
    void asItCame() throws IOException {
        server = Optional.ofNullable(shared).orElseThrow().asItCame();
    }

    /** Says with the failure what stood on the pages then: a runner's closing lines hold failures alone. */
    @Override
    public void handleTestExecutionException(ExtensionContext context, Throwable failure) {
        AssertionError told = new AssertionError(failure.getMessage() + "\nShown then: " + shown(context), failure);
        told.setStackTrace(failure.getStackTrace());
        throw told;
    }

    private String shown(ExtensionContext context) {
        try {
            System.err.printf(
                    "%s failed at %s%n%s%n",
                    context.getDisplayName(),
                    LocalTime.now(),
                    browsers().map(Chromium::lately).collect(Collectors.joining("\n")));
            return browsers().map(Chromium::shown).collect(Collectors.joining("\n"));
        } catch (PlaywrightException e) {
            return "no more to be read, " + e.getMessage();
        }
    }

    private Stream<Chromium> browsers() {
        return Stream.concat(Stream.of(chromium()), phones.stream());
    }

    @Override
    public void afterEach(ExtensionContext context) throws IOException {
        // Whatever a page that failed can still tell, the next test begins anew.
        phones.forEach(Chromium::close);
        phones.clear();
        chromium().leavePages();
        server().startIfEnded();
    }

    @Override
    public void afterAll(ExtensionContext context) throws IOException {
        if (own.isPresent() && server != null) {
            server.close();
        }
    }

    Chromium chromium() {
        return Optional.ofNullable(chromium).orElseThrow();
    }

    /** A browser of this test alone, on a phone that trusts a certificate authority. */
    Chromium trusting(String authorityKey) {
        Chromium phone = Chromium.trusting(authorityKey);
        phones.add(phone);
        return phone;
    }

    RunningServer server() {
        return Optional.ofNullable(server).orElseThrow();
    }

    String address() {
        return server().address();
    }

    /** A page of the app on a desk. */
    Page desk(String path) {
        return opened(chromium().desk(), path);
    }

    /** A page of the app on a phone. */
    Page phone(String path) {
        return opened(chromium().phone(), path);
    }

    private Page opened(Page page, String path) {
        page.navigate(address() + path);
        return page;
    }

    /** Waits until all of a page is drawn that is drawn without being asked for. */
    static void untilWhole(Page page) {
        page.waitForFunction(WHOLE);
    }

    /** Waits until a page of the range, on a phone that keeps the app, would open with the server gone. */
    static void untilKept(Page page) {
        assertThat(button(page, "Clean")).isEnabled();
        page.evaluate("() => navigator.serviceWorker.ready");
        // The worker answers for pages opened from now on, and keeps what they read.
        page.reload();
        page.waitForFunction("() => navigator.serviceWorker.controller !== null");
        assertThat(button(page, "Clean")).isEnabled();
        page.waitForFunction(
                "async () => (await (await caches.open('read-2')).keys())" + ".some(r => r.url.includes('/range?'))");
    }

    /** Chooses one of a toggle's. */
    static void choose(Page page, String name) {
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    static void press(Page page, String name) {
        button(page, name).click();
    }

    static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** The file a link gives to take away, a character for each byte. */
    static String takenAway(Page page, String link) throws IOException {
        Download file = page.waitForDownload(() -> page.getByRole(
                        AriaRole.LINK, new Page.GetByRoleOptions().setName(link).setExact(true))
                .click());
        return Files.readString(file.path(), StandardCharsets.ISO_8859_1);
    }

    static void fill(Page page, String label, String text) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(text);
    }
}

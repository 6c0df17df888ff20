package wrenlane.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Debian's Chromium, headless, with a record of what pages asked for and complained of. */
final class Chromium implements AutoCloseable {
    /**
     * How long a condition may take to come true before a test gives up, in milliseconds: what is computed cold takes seconds,
     * and many times as long where other work holds the cores.
     */
    private static final double PATIENCE_MILLIS = 60_000;

    /** How many characters of a page are said with a failure. */
    private static final int WORDS_SHOWN = 600;

    /** How many requests tell enough of what came before a failure. */
    private static final int LATELY = 60;

    /** The one without windows starts a page in half the time; the whole browser serves where it is missing. */
    private static final Path PROGRAM = Stream.of("chromium-headless-shell", "chromium")
            .map(Path.of("/usr/bin")::resolve)
            .filter(Files::isExecutable)
            .findFirst()
            .orElseThrow(() -> new IllegalStateException("no Chromium: apt install chromium-headless-shell"));

    private final Playwright playwright;
    private final Browser browser;
    private final List<String> hosts = new ArrayList<>();
    private final List<String> complaints = new ArrayList<>();
    private final List<String> happened = new ArrayList<>();

    Chromium() {
        this(List.of());
    }

    private Chromium(List<String> more) {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MILLIS);
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(PROGRAM)
                        .setArgs(Stream.concat(
                                        more.stream(),
                                        Stream.of(
                                                "--no-sandbox",
                                                "--disable-gpu",
                                                "--disable-dev-shm-usage",
                                                "--disable-quic",
                                                "--no-first-run",
                                                "--disable-background-networking",
                                                "--disable-component-update",
                                                "--disable-sync"))
                                .toList()));
    }

    /** One on a device that trusts a certificate authority, by the SHA-256 of its public key in Base64. */
    static Chromium trusting(String authorityKey) {
        return new Chromium(List.of("--ignore-certificate-errors-spki-list=" + authorityKey));
    }

    /** A fresh browser of a size, without anything kept; what it asks for goes to the server, whatever becomes of that. */
    Page page(int width, int height) {
        return page(width, height, ServiceWorkerPolicy.BLOCK);
    }

    /** A fresh browser on a phone that keeps the app, and what it has read. */
    Page keepingPhone() {
        return page(390, 844, ServiceWorkerPolicy.ALLOW);
    }

    /** A desk whose owner writes decimal commas. */
    Page deskWithCommas() {
        return page(keeping(1280, 800, ServiceWorkerPolicy.BLOCK).setLocale("de-DE"));
    }

    /** A tablet held upright, tapped and not clicked. */
    Page tablet() {
        return page(keeping(820, 1180, ServiceWorkerPolicy.BLOCK).setHasTouch(true));
    }

    /** A phone whose owner has gone on past the warning that nobody it knows vouches for the address. */
    Page phoneThatWentOn() {
        return page(keeping(390, 844, ServiceWorkerPolicy.ALLOW).setIgnoreHTTPSErrors(true));
    }

    private Page page(int width, int height, ServiceWorkerPolicy keeping) {
        return page(keeping(width, height, keeping));
    }

    private static Browser.NewContextOptions keeping(int width, int height, ServiceWorkerPolicy keeping) {
        return new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setServiceWorkers(keeping)
                .setLocale("en-GB");
    }

    private Page page(Browser.NewContextOptions options) {
        BrowserContext context = browser.newContext(options);
        context.setDefaultTimeout(PATIENCE_MILLIS);
        Page page = context.newPage();
        page.onRequest(r -> hosts.add(URI.create(r.url()).getHost()));
        page.onResponse(r -> happened(r.status(), r.request()));
        page.onRequestFailed(r -> happened(r.failure(), r));
        page.onConsoleMessage(m -> {
            if (m.type().equals("error") && !m.text().contains("Failed to load resource")) {
                complaints.add(m.text());
            }
        });
        page.onPageError(complaints::add);
        return page;
    }

    private void happened(Object answer, Request request) {
        happened.add(LocalTime.now() + " " + answer + " " + request.method() + " " + request.url());
    }

    private Stream<Page> pages() {
        return browser.contexts().stream().flatMap(context -> context.pages().stream());
    }

    /** The first words of what each page shows now. */
    String shown() {
        return pages().map(page -> page.url() + ": "
                        + page.locator("body")
                                .innerText()
                                .replaceAll("\\s+", " ")
                                .strip())
                .map(words -> words.substring(0, Math.min(WORDS_SHOWN, words.length())))
                .collect(Collectors.joining("\n"));
    }

    /** What pages show now, and the last that was asked for: for whoever looks for why a test failed. */
    String lately() {
        // While a page is read others are heard of: what is read comes before what was heard is gone through.
        List<String> told = pages().map(
                        page -> page.url() + "\n" + page.locator("body").ariaSnapshot())
                .collect(Collectors.toCollection(ArrayList::new));
        told.addAll(happened.subList(Math.max(0, happened.size() - LATELY), happened.size()));
        told.addAll(complaints);
        return String.join("\n", told);
    }

    /** Closes every page there is: one left open would go on asking its server. */
    void leavePages() {
        browser.contexts().forEach(BrowserContext::close);
        happened.clear();
    }

    /** Begins the record of a class anew; of what happened lately, a test that ends leaves nothing. */
    void forget() {
        hosts.clear();
        complaints.clear();
    }

    Page desk() {
        return page(1280, 800);
    }

    Page phone() {
        return page(390, 844);
    }

    /** Every host any page asked. */
    List<String> hosts() {
        return List.copyOf(hosts);
    }

    /** Errors any page wrote to its console. */
    List<String> complaints() {
        return List.copyOf(complaints);
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
    }
}

package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static wrenlane.e2e.App.button;
import static wrenlane.e2e.App.untilKept;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** With the server gone the range goes on, and with more than one device all see the same. */
class OutOfReachIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    /** Ends in turn, of the server and of the page; `./wren test -Dwren.crash.rounds=20` for more. */
    private static final int ROUNDS = Integer.getInteger("wren.crash.rounds", 6);

    private static final String SAVED = "All saved on the server";

    private static Locator runs(Page page) {
        return page.getByTestId("run");
    }

    /** Opens the range on a phone that keeps the app, and waits until it is kept. */
    private static Page kept(String path) {
        Page page = APP.chromium().keepingPhone();
        page.navigate(APP.address() + path);
        untilKept(page);
        return page;
    }

    private static JsonArray log() throws IOException, InterruptedException {
        HttpRequest ask = HttpRequest.newBuilder(URI.create(APP.address() + "/api/days/5/runs"))
                .build();
        String body = HttpClient.newHttpClient()
                .send(ask, HttpResponse.BodyHandlers.ofString())
                .body();
        return JsonParser.parseString(body).getAsJsonArray();
    }

    /** Opened cold with the server gone, it shows what was last read, keeps what is logged, and sends it when it is back. */
    @Test
    void thePageOpensAndLogsWithTheServerGone() throws IOException, InterruptedException {
        int before = log().size();
        Page page = kept("/range/1");
        button(page, "Clean").click();
        assertThat(page.getByText(SAVED)).isVisible();
        APP.server().stop();
        page.close();
        Page cold = page.context().newPage();
        cold.navigate(APP.address() + "/range/1");
        assertThat(button(cold, "Clean")).isEnabled();
        assertThat(cold.getByText("Out of reach").first()).isVisible();
        // The name is read whole beside what the header says now.
        assertThat(cold.getByText(Pattern.compile("\\d+ open")).first()).isVisible();
        Object whole = cold.getByText("Wren Lane").first().evaluate("name => name.scrollWidth <= name.clientWidth");
        assertEquals(true, whole);
        button(cold, "Clean").click();
        button(cold, "Abandoned").click();
        assertThat(cold.getByText("2 saved on this device; the server is out of reach"))
                .isVisible();
        cold.reload();
        assertThat(cold.getByText("2 saved on this device")).isVisible();
        assertThat(runs(cold)).hasCount(3);
        APP.server().start();
        assertThat(cold.getByText(SAVED)).isVisible();
        assertThat(cold.getByText("Out of reach")).hasCount(0);
        assertEquals(before + 3, log().size());
        cold.close();
    }

    /** Server and page are ended in turn while runs are logged without pause: each is there once, in its order. */
    @Test
    void nothingLoggedIsLostOrStoredTwiceHoweverServerAndPageEnd() throws IOException, InterruptedException {
        int before = log().size();
        Page page = kept("/range/2");
        List<String> tapped = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            // The page is told of sixty runs of a day at most, which is three in each of twenty rounds.
            for (int i = 0; i < 3; i++) {
                String fault = "clgfst".substring((round + i) % 6, (round + i) % 6 + 1);
                page.keyboard().press(fault);
                page.keyboard().press("Enter");
                tapped.add(fault);
                // Shown, it is kept: what was tapped a moment before an end is not claimed to be.
                assertThat(page.getByLabel(Pattern.compile("clean of all: 0 / " + tapped.size() + "$")))
                        .isVisible();
                if (i == 1 && round % 2 == 0) {
                    APP.server().kill();
                }
            }
            if (round % 2 == 1) {
                Page next = page.context().newPage();
                page.close(new Page.CloseOptions().setRunBeforeUnload(false));
                next.navigate(APP.address() + "/range/2");
                assertThat(button(next, "Clean")).isEnabled();
                page = next;
            } else {
                APP.server().start();
            }
        }
        assertThat(page.getByText(SAVED)).isVisible();
        List<String> stored = new ArrayList<>();
        for (JsonElement line : log()) {
            var run = line.getAsJsonObject().getAsJsonObject("run");
            if (run.get("riderId").getAsInt() == 2) {
                stored.add(0, letter(run.getAsJsonArray("faults").get(0).getAsString()));
            }
        }
        assertEquals(tapped, stored);
        assertEquals(before + tapped.size(), log().size());
        page.close();
    }

    private static String letter(String fault) {
        return fault.equals("STOPPED") ? "t" : fault.substring(0, 1).toLowerCase(Locale.ROOT);
    }

    /** Runs that could not be asked for are not said to be none; what is logged meanwhile is shown and saved here. */
    @Test
    void whatCannotBeAskedForIsNotSaidToBeNone() {
        Page page = APP.phone("/range/4");
        assertThat(page.getByText("No runs yet")).isVisible();
        page.route(Pattern.compile("/riders/\\d+/range\\?"), Route::abort);
        page.reload();
        assertThat(page.getByText("Earlier runs are out of reach")).isVisible();
        assertThat(page.getByText("No runs yet")).hasCount(0);
        button(page, "Clean").click();
        assertThat(runs(page)).hasCount(1);
        page.close();
    }

    /** What one device logs and puts right the other shows, without being touched. */
    @Test
    void twoDevicesSeeEachOthersRuns() {
        Page phone = APP.phone("/range/6");
        Page tablet = APP.desk("/range/6");
        assertThat(button(phone, "Clean")).isEnabled();
        assertThat(button(tablet, "Clean")).isEnabled();
        button(phone, "Clean").click();
        assertThat(runs(tablet)).hasCount(1);
        button(tablet, "Undo the last run").click();
        assertThat(runs(phone)).hasCount(0);
        phone.close();
        tablet.close();
    }

    /** The phone says when it is ready; then the day's sheets open cold, each with its plan, its rows and its changeover. */
    @Test
    void theDaysSetUpSheetsOpenWithTheServerGone() throws IOException {
        Page page = APP.chromium().keepingPhone();
        page.navigate(APP.address() + "/setup/1");
        assertThat(page.getByText("Ready for offline"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(60_000));
        APP.server().stop();
        page.close();
        Page cold = page.context().newPage();
        cold.navigate(APP.address() + "/setup/3");
        assertThat(cold.locator("h1")).hasText("Bollard weave");
        assertThat(cold.getByRole(AriaRole.ROW).nth(4)).isVisible();
        assertThat(cold.locator("div.bg-tarmac svg").first()).isVisible();
        cold.getByLabel("To the course").selectOption(new SelectOption().setIndex(1));
        assertThat(cold.getByText(Pattern.compile("cones?")).first()).isVisible();
        cold.navigate(APP.address() + "/setup/1?one=1");
        assertThat(cold.getByText(Pattern.compile("0 of \\d+ stand"))).isVisible();
        button(cold, "A stands").click();
        cold.reload();
        assertThat(cold.getByText(Pattern.compile("1 of \\d+ stand"))).isVisible();
        APP.server().start();
        // What was ticked meanwhile is sent: another device sees it.
        Page other = APP.phone("/setup/1?one=1");
        assertThat(other.getByText(Pattern.compile("1 of \\d+ stand"))).isVisible();
        other.close();
        cold.close();
    }
}

package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What arrives late pushes nothing away beneath a thumb, and tells of nothing that has changed since: answers are held back,
 * and let in when the page stands.
 */
class LateIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    /** A pixel of rounding is none. */
    private static final double NO_MOVE = 1;

    /** What a page has drawn meanwhile. */
    private static final Map<String, Function<Page, Locator>> SHOWN = Map.of(
            "/setup", page -> page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Tape figures")),
            "/range", page -> page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Last runs")),
            "/course", page -> page.getByText("What a mistake costs in clearance, an estimate"));

    /** What an answer brings that was held back. */
    private static final Map<String, Function<Page, Locator>> BROUGHT = Map.of(
            "riders", page -> page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Who rides which")),
            "size", page -> page.getByText("4 clean of 5 on each side, then go smaller"),
            "wish", page -> page.getByText("This rider needs a width of"),
            "next", page -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Next: ")));

    @ParameterizedTest
    @CsvSource({
        "/setup, **/sizes?*, riders, false",
        "/setup, **/sizes?*, riders, true",
        "/setup, **/briefing?*, next, true",
        "/setup, **/briefing?*, next, false",
        "/range, **/sizes?*, size, true",
        "/course, **/course-comparisons, wish, false"
    })
    void nothingMovesWhenAnAnswerComesLate(String path, String held, String brought, boolean onPhone) {
        Page page = onPhone ? APP.chromium().phone() : APP.chromium().desk();
        List<Route> waiting = new ArrayList<>();
        page.route(held, waiting::add);
        page.navigate(APP.address() + path);
        Locator shown = SHOWN.get(path).apply(page);
        Locator late = BROUGHT.get(brought).apply(page);
        assertThat(shown).isVisible();
        page.waitForCondition(() -> !waiting.isEmpty());
        double before = top(shown);
        page.unroute(held);
        waiting.forEach(Route::resume);
        assertThat(late).isVisible();
        assertThat(top(shown)).isCloseTo(before, within(NO_MOVE));
        page.close();
    }

    /** What stands is still being looked up when it is changed: that answer, of what stood before, is not taken for the latest. */
    @Test
    void anAnswerFromBeforeAChangeIsNotShownAfterIt() {
        Page page = APP.desk("/setup/1");
        Locator within = page.getByLabel("Setting b lies in");
        within.selectOption(new SelectOption().setLabel("half balls"));
        // Stored before anything is asked for once more: else the change below would be to what was stored before it.
        assertThat(page.getByText("The settings lie in these now.").first()).isVisible();
        Locator stands = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Sizes on the ground"));
        assertThat(stands).containsText(Pattern.compile("takes 3 of \\d+"));

        String standing = "**/sizes?*";
        Map<Route, APIResponse> late = new HashMap<>();
        page.route(standing, route -> {
            if (late.isEmpty()) {
                late.put(route, route.fetch());
            } else {
                route.resume();
            }
        });
        page.reload();
        page.waitForCondition(() -> !late.isEmpty());
        page.waitForResponse(
                r -> r.request().method().equals("PUT"),
                () -> within.selectOption(new SelectOption().setLabel("the same as a")));
        late.forEach((route, before) -> route.fulfill(new Route.FulfillOptions().setResponse(before)));
        assertThat(stands).containsText("From what you own: b half balls, c yellow discs");
        page.close();
    }

    private static double top(Locator shown) {
        return shown.boundingBox().y;
    }
}

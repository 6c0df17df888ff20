package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What arrives late pushes nothing away beneath a thumb: answers are held back, and let in when the page stands. */
class LateIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    /** A pixel of rounding is none. */
    private static final double NO_MOVE = 1;

    private record Stop(Locator shown, Locator late) {}

    private static final Map<String, Function<Page, Stop>> STOPS = Map.of(
            "/set-out",
                    page -> new Stop(
                            page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Tape figures")),
                            page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Who rides which"))),
            "/range",
                    page -> new Stop(
                            page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Last runs")),
                            page.getByText("4 clean of 5 tightens")),
            "/course",
                    page -> new Stop(
                            page.getByText("What a mistake costs in room, an estimate"),
                            page.getByText("This rider needs a width of")));

    @ParameterizedTest
    @CsvSource({
        "/set-out, **/standing?*, false", "/set-out, **/standing?*, true",
        "/range, **/standing?*, true", "/course, **/course-comparisons, false"
    })
    void nothingMovesWhenAnAnswerComesLate(String path, String held, boolean onPhone) {
        Page page = onPhone ? APP.chromium().phone() : APP.chromium().desk();
        List<Route> waiting = new ArrayList<>();
        page.route(held, waiting::add);
        page.navigate(APP.address() + path);
        Stop stop = STOPS.get(path).apply(page);
        assertThat(stop.shown()).isVisible();
        page.waitForCondition(() -> !waiting.isEmpty());
        double before = top(stop.shown());
        page.unroute(held);
        waiting.forEach(Route::resume);
        assertThat(stop.late()).isVisible();
        assertThat(top(stop.shown())).isCloseTo(before, within(NO_MOVE));
        page.close();
    }

    private static double top(Locator shown) {
        return shown.boundingBox().y;
    }
}

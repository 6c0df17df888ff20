package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRuleOptions;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitUntilState;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Every page: nothing for axe on paper, in sun and on a phone, no sideways scroll, reached by keyboard. */
class EveryPageIT {
    /** Of WCAG 2.2 up to AA, and what axe holds to be good practice. */
    private static final List<String> RULES =
            List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice");

    /** Controls lower than 44 px, with the labels that stand for them; words in a sentence that explain themselves may be. */
    private static final String LOWER_THAN_A_THUMB = """
            () => [...document.querySelectorAll('main :is(button, select, input, summary)')]
              .filter((e) => !e.matches('[aria-haspopup], [type=range], .drawing *'))
              .map((e) => [e, (e.closest('label') ?? e).getBoundingClientRect()])
              .filter(([, box]) => box.width > 0 && box.height < 43.9)
              .map(([e, box]) => `${e.outerHTML.slice(0, 120)}: ${box.height}`)""";

    private static final Pattern AHEAD =
            Pattern.compile("<link rel=\"preload\" as=\"fetch\" crossorigin href=\"(.*?)\">");

    /** What came ahead and was yet asked for again, sooner than the two seconds after which it may be. */
    private static final String NOT_TAKEN = """
            () => {
              const entries = performance.getEntriesByType('resource');
              return [...document.querySelectorAll('link[rel=preload]')].flatMap(({ href }) => {
                const [first, ...more] = entries.filter((e) => e.name === href);
                return first?.initiatorType === 'link' && more.every((e) => e.startTime >= first.responseEnd + 2000)
                  ? []
                  : [href];
              });
            }""";

    private static final String GROUND_RULES = "A licensed instructor and local rules come first.";

    @RegisterExtension
    static final App APP = App.withDemoDayForManyPages();

    private static Page at(Page page, String address) {
        page.navigate(APP.address() + address);
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1))
                .first()
                .waitFor();
        App.untilWhole(page);
        return page;
    }

    /** Addresses that the app itself names as examples of its pages. */
    static List<String> examples() throws IOException {
        return examples(route -> true);
    }

    /** One address of each page that something is fetched ahead for. */
    static List<String> fetchedAhead() throws IOException {
        return examples(route -> route.get("file").getAsBoolean()).stream()
                .filter(address -> !address.contains("?") && !address.equals("/lesson") && !address.equals("/phone"))
                .toList();
    }

    private static List<String> examples(Predicate<JsonObject> wanted) throws IOException {
        List<String> addresses = new ArrayList<>();
        try (InputStream written =
                URI.create(APP.address() + "/pages/routes.json").toURL().openStream()) {
            JsonArray routes = JsonParser.parseReader(new InputStreamReader(written, StandardCharsets.UTF_8))
                    .getAsJsonArray();
            for (JsonElement route : routes) {
                if (wanted.test(route.getAsJsonObject())) {
                    route.getAsJsonObject().getAsJsonArray("examples").forEach(a -> addresses.add(a.getAsString()));
                }
            }
        }
        assertThat(addresses).hasSizeGreaterThan(5);
        return addresses;
    }

    static List<String> examplesAndNowhere() throws IOException {
        List<String> addresses = new ArrayList<>(examples());
        addresses.add("/nowhere");
        return addresses;
    }

    @ParameterizedTest
    @MethodSource("examplesAndNowhere")
    void hasNothingForAxeFitsAPhoneAndWritesCommas(String address) {
        Page page = at(APP.chromium().deskWithCommas(), address);
        assertThat(CommaPages.points(page)).isEmpty();
        assertThat(violations(page, axe -> axe.withTags(RULES))).isEmpty();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Light: paper"))
                .click();
        // Only the colours are others.
        assertThat(violations(page, axe -> axe.withRules(List.of("color-contrast"))))
                .as("in the sun")
                .isEmpty();
        page.setViewportSize(390, 844);
        assertThat(violations(page, axe -> axe.withTags(RULES)))
                .as("on a phone")
                .isEmpty();
        assertThat((Boolean) page.evaluate("() => document.documentElement.scrollWidth <= window.innerWidth"))
                .as("no sideways scroll")
                .isTrue();
        page.context().close();
    }

    private static List<String> violations(Page page, UnaryOperator<AxeBuilder> asked) {
        AxeRunOptions options = new AxeRunOptions();
        // What passed is not told one by one, which takes most of the time; there are no frames to gather from.
        options.setResultTypes(List.of("violations"));
        // What is read on a control is what it is called by voice: not yet among the rules of any tag.
        AxeRuleOptions on = new AxeRuleOptions();
        on.setEnabled(true);
        options.setRules(Map.of("label-content-name-mismatch", on));
        AxeBuilder axe = new AxeBuilder(page).options(options).setLegacyMode(true);
        return asked.apply(axe).analyze().getViolations().stream()
                .map(EveryPageIT::said)
                .toList();
    }

    /** Where it is logged, set out and looked up in the yard, with gloves on. */
    @ParameterizedTest
    @ValueSource(strings = {"/today", "/setup", "/range/2"})
    void hasClearanceForAThumbOnAPhone(String address) {
        Page page = at(APP.chromium().phone(), address);
        assertThat((List<?>) page.evaluate(LOWER_THAN_A_THUMB)).isEmpty();
        page.context().close();
    }

    private static String said(Rule rule) {
        return rule.getId() + ": " + rule.getNodes().get(0).getHtml();
    }

    @ParameterizedTest
    @MethodSource("examples")
    void saysNoMetresToWhoeverReadsFeet(String address) {
        Page page = APP.chromium().desk();
        FeetPages.chosen(page);
        assertThat(FeetPages.metresAlone(at(page, address))).isEmpty();
        page.context().close();
    }

    /** Beside the app, which takes what came and does not ask again, whatever units are read. */
    @ParameterizedTest
    @CsvSource({"/today, false", "/range/2, false", "/range/2, true"})
    void whatAPageReadsFirstIsAskedForAheadAndOnce(String address, boolean inFeet) {
        Page page = APP.chromium().desk();
        if (inFeet) {
            FeetPages.chosen(page);
        }
        at(page, address);
        assertThat(page.locator("link[rel=preload]")).not().hasCount(0);
        assertThat((List<?>) page.evaluate(NOT_TAKEN)).isEmpty();
        page.context().close();
    }

    /** Nothing is brought along that the page would not ask for itself. */
    @ParameterizedTest
    @MethodSource("fetchedAhead")
    void whatIsAskedForAheadIsWhatThePageReads(String address) {
        Page page = APP.chromium().desk();
        List<String> ahead = new ArrayList<>();
        page.route(APP.address() + address, route -> {
            APIResponse file = route.fetch();
            ahead.addAll(AHEAD.matcher(file.text())
                    .results()
                    .map(link -> link.group(1))
                    .toList());
            route.fulfill(new Route.FulfillOptions()
                    .setResponse(file)
                    .setBody(AHEAD.matcher(file.text()).replaceAll("")));
        });
        List<String> asked = new ArrayList<>();
        page.onRequest(r -> asked.add(URI.create(r.url()).getPath()));
        at(page, address);
        assertThat(ahead).hasSizeGreaterThan(3);
        assertThat(asked).containsAll(ahead);
        page.context().close();
    }

    @Test
    void theGroundRulesAreReadBeforeAnyScriptHasCome() {
        Page page = APP.chromium().phone();
        page.route("**/assets/*.js", route -> {});
        page.navigate(APP.address() + "/setup", new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
        assertThat(page.getByText(GROUND_RULES)).isVisible();
        page.context().close();
    }

    @Test
    void theGroundRulesStayUntilThePageStands() {
        Page page = APP.chromium().phone();
        CompletableFuture<Route> machines = new CompletableFuture<>();
        page.route("**/api/machines", machines::complete);
        page.navigate(APP.address() + "/range", new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
        assertThat(page.getByRole(AriaRole.NAVIGATION)).isVisible();
        assertThat(page.getByText(GROUND_RULES)).isVisible();
        page.waitForCondition(machines::isDone);
        machines.join().resume();
        assertThat(page.getByText(GROUND_RULES)).hasCount(0);
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Clean")))
                .isVisible();
        page.context().close();
    }

    /** What looks for faults finds one that is put there. */
    @Test
    void axeFindsAPictureWithoutWords() {
        Page page = at(APP.chromium().desk(), "/nowhere");
        page.evaluate("() => document.querySelector('main').append(document.createElement('img'))");
        assertThat(violations(page, axe -> axe.withTags(RULES))).anyMatch(found -> found.startsWith("image-alt"));
        page.context().close();
    }

    /** What looks for metres finds them where they are read. */
    @Test
    void saysMetresToWhoeverReadsThem() {
        assertThat(FeetPages.metresAlone(at(APP.chromium().desk(), "/setup"))).isNotEmpty();
    }

    /** What looks for decimal points finds them where they are read. */
    @Test
    void writesPointsForWhoeverReadsThem() {
        assertThat(CommaPages.points(at(APP.chromium().desk(), "/setup"))).isNotEmpty();
    }

    @Test
    void everythingNeededForARunIsReachedByKeyboardAlone() {
        Page page = at(APP.chromium().desk(), "/today");
        page.keyboard().press("7");
        page.getByText("No runs yet", new Page.GetByTextOptions().setExact(true))
                .waitFor();
        page.keyboard().press("n");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText("Tomas Ekvik");
        page.getByText("No runs yet", new Page.GetByTextOptions().setExact(true))
                .waitFor();
        page.keyboard().press("]");
        page.keyboard().press("d");
        page.keyboard().press("Enter");
        assertThat(page.getByText("A drop. Rest")).isVisible();
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Keys")))
                .isVisible();
        page.context().close();
    }

    @Test
    void tabReachesEveryControlOfTheCoursePage() {
        Page page = at(APP.chromium().desk(), "/course");
        page.getByText("How tight could it go?").waitFor();
        page.getByText("This rider needs").waitFor();
        int controls = (Integer)
                page.evaluate(
                        "() => [...document.querySelectorAll('main button:not(:disabled), main input, main select, main [role=slider]')].filter(e => !e.closest('details:not([open])')).length");
        page.evaluate(
                "() => { window.reached = new Set(); document.addEventListener('focusin', e => window.reached.add(e.target)); }");
        for (int i = 0; i < controls + 30; i++) {
            page.keyboard().press("Tab");
        }
        int reached = (Integer) page.evaluate("() => [...window.reached].filter(e => e.closest('main')).length");
        // A group of toggles is one stop of the Tab key: the arrows go on inside it.
        int inGroups = (Integer)
                page.evaluate(
                        "() => document.querySelectorAll('main [role=radio]').length - document.querySelectorAll('main [role=radiogroup], main [role=group]:has([role=radio])').length");
        assertThat(reached).isGreaterThanOrEqualTo(controls - inGroups);
        page.context().close();
    }
}

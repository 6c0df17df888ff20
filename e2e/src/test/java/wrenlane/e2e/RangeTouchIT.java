package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wrenlane.e2e.App.button;
import static wrenlane.e2e.App.fill;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.RequestOptions;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The range under a thumb: on a tablet, by the clock of a timed ride, with scores, in the sun, left or right. */
class RangeTouchIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    private static final String SAVED = "All saved on the server";

    private static void choose(Page page, String label, String what) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
                .selectOption(new SelectOption().setLabel(what));
    }

    /** A block for four, with three settings standing: each two runs, at the setting that suits them. */
    @Test
    void fourRidersByTouchWithThreeSettingsStanding() {
        Page page = APP.chromium().tablet();
        page.navigate(APP.address() + "/range/1");
        Locator settings = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Setting ridden"))
                .getByRole(AriaRole.BUTTON);
        assertThat(settings).hasCount(3);
        // What lies there is what a rider is told to ride.
        assertThat(settings.nth(1)).containsText("yellow discs");
        List<String> riders = page.getByLabel("Rider", new Page.GetByLabelOptions().setExact(true))
                .locator("option")
                .allTextContents()
                .subList(0, 4);
        for (String rider : riders) {
            choose(page, "Rider", rider);
            assertThat(page.locator("h1")).hasText(rider);
            assertThat(page.getByText("No runs yet")).isVisible();
            if (page.getByText("Choose the one ridden").count() > 0) {
                settings.first().tap();
            }
            button(page, "Clean").tap();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Right"))
                    .tap();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^L\\s*Line$")))
                    .tap();
            button(page, "Log faults").tap();
            assertThat(page.getByTestId("run")).hasCount(2);
            assertThat(page.getByLabel("Right, clean of all: 0 / 1")).isVisible();
            assertThat(page.getByText(SAVED)).isVisible();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Left"))
                    .first()
                    .tap();
        }
    }

    /** What is tapped while riders ride is large enough for a glove, on either hand's side. */
    @Test
    void logAndNextLieUnderEitherThumb() {
        Page page = APP.phone("/range/2");
        assertThat(button(page, "Clean")).isEnabled();
        for (String name : new String[] {
            "Clean", "Log faults", "Undo the last run", "Next rider", "Timed ride", "Score", "Wider", "Smaller"
        }) {
            BoundingBox box = button(page, name).boundingBox();
            assertThat(box.height).as(name).isGreaterThanOrEqualTo(55.5);
            assertThat(box.width).as(name).isGreaterThanOrEqualTo(56);
        }
        assertThat(middle(page, "Log faults")).isGreaterThan(195);
        assertThat(middle(page, "Next rider")).isGreaterThan(195);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Units"))
                .click();
        App.choose(page, "left");
        page.keyboard().press("Escape");
        assertThat(middle(page, "Log faults")).isLessThan(195);
        assertThat(middle(page, "Next rider")).isLessThan(195);
        page.reload();
        assertThat(button(page, "Clean")).isEnabled();
        assertThat(middle(page, "Next rider")).isLessThan(195);
    }

    /** From the smallest phone to one held sideways: who rides, their last runs and the log bar are in view, and nothing runs off. */
    @ParameterizedTest
    @CsvSource({"320, 640", "360, 640", "390, 844", "844, 390"})
    void allThatALogNeedsIsInView(int width, int height) {
        Page page = APP.phone("/range/2?course=2");
        page.setViewportSize(width, height);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Units"))
                .click();
        App.choose(page, "ft, in");
        page.keyboard().press("Escape");
        assertThat(button(page, "Clean")).isEnabled();
        Object wide = page.evaluate("() => document.documentElement.scrollWidth");
        assertEquals(width, wide);
        page.evaluate("() => scrollTo(0, 0)");
        Locator bar = page.locator(".log-bar");
        for (Locator part : new Locator[] {
            page.locator("h1"),
            page.getByLabel("Last runs"),
            button(page, "Clean"),
            button(page, "Log faults"),
            button(page, "Next rider")
        }) {
            BoundingBox box = part.boundingBox();
            assertTrue(
                    box.y >= 0 && box.y + box.height <= height,
                    part + " from " + box.y + " to " + (box.y + box.height));
        }
        if (height > width) {
            assertTrue(
                    bar.boundingBox().height <= height / 3.0 + 2,
                    "the log bar is " + bar.boundingBox().height + " high");
        }
    }

    /**
     * Text twice as large, and set wider, as somebody who reads badly sets it: nothing runs off, no key is cut, and while
     * runs are logged the rider stays in view.
     */
    @ParameterizedTest
    @CsvSource({"320, 640", "390, 844", "1280, 800"})
    void largeTextIsReadAndTapped(int width, int height) {
        Page page = APP.phone("/range/2?course=2");
        page.setViewportSize(width, height);
        assertThat(button(page, "Clean")).isEnabled();
        page.evaluate(LARGE_TEXT);
        assertEquals(width, page.evaluate("() => document.documentElement.scrollWidth"));
        assertEquals(List.of(), page.evaluate(CUT_TEXT));
        page.evaluate("() => scrollTo(0, document.querySelector('h1').getBoundingClientRect().top)");
        BoundingBox name = page.locator("h1").boundingBox();
        BoundingBox clean = button(page, "Clean").boundingBox();
        assertTrue(name.y >= -1 && name.y + name.height <= clean.y, "the rider is at " + name.y);
        assertTrue(clean.y + clean.height <= height, "Clean ends at " + (clean.y + clean.height));
        // The bar scrolls in itself to its end.
        button(page, "Next rider").scrollIntoViewIfNeeded();
        BoundingBox next = button(page, "Next rider").boundingBox();
        assertTrue(next.y + next.height <= height + 1, "Next rider ends at " + (next.y + next.height));
    }

    /** Sizes and spacing of WCAG 2.2, success criteria 1.4.4 and 1.4.12. */
    private static final String LARGE_TEXT = """
            () => {
              const sheet = new CSSStyleSheet();
              sheet.replaceSync(`html { font-size: 200% } * { line-height: 1.5 !important;
                letter-spacing: 0.12em !important; word-spacing: 0.16em !important } p { margin-bottom: 2em !important }`);
              document.adoptedStyleSheets = [sheet];
            }
            """;

    /** Keys of the range whose words do not fit into them. */
    private static final String CUT_TEXT = """
            () => [...document.querySelectorAll('.range-page button')]
              .filter((b) => b.scrollWidth > b.clientWidth + 1 || b.scrollHeight > b.clientHeight + 1)
              .map((b) => b.innerText)
            """;

    private static double middle(Page page, String name) {
        BoundingBox box = button(page, name).boundingBox();
        return box.x + box.width / 2;
    }

    /** The clock runs, is stopped, and says the minutes; the score goes with the run, and both can be read again. */
    @Test
    void aTimedRideByTheClockAndAScore() {
        Page page = APP.chromium().phone();
        page.clock().install();
        page.navigate(APP.address() + "/range/6");
        assertThat(button(page, "Clean")).isEnabled();
        button(page, "Timed ride").click();
        button(page, "Start the timed ride").click();
        page.clock().fastForward(150_000);
        // Of the eight minutes that the drill is ridden without a break.
        assertThat(page.getByLabel("Left of the timed ride")).hasText("5:30");
        button(page, "Stop the timed ride").click();
        assertThat(page.getByLabel("Minutes", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("2.5");
        button(page, "Log the timed ride").click();
        button(page, "Score").click();
        choose(page, "Measured", "Plank moved");
        fill(page, "Metres", "0,4");
        button(page, "Clean").click();
        assertThat(page.getByTestId("run")).hasCount(2);
        assertThat(page.getByText(SAVED)).isVisible();
        page.navigate(APP.address() + "/range/log?rider=6");
        assertThat(page.getByText("plank moved 0.40 m")).isVisible();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("timed ride of 2.5 min: clean")))
                .isVisible();
    }

    /** By the lesson plan the timed ride has an end: past it the clock calls, and says what to do. */
    @Test
    void aTimedRidePastItsLongestSaysStop() {
        Page page = APP.chromium().phone();
        page.clock().install();
        page.navigate(APP.address() + "/range/1");
        button(page, "Begin the lesson").click();
        button(page, "Run the lesson").click();
        Locator lesson = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Lesson"));
        assertThat(lesson).isVisible();
        while (!lesson.innerText().startsWith("Slipway box")) {
            int step = Integer.parseInt(lesson.getAttribute("data-step"));
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^On to: ")))
                    .click();
            assertThat(lesson).hasAttribute("data-step", String.valueOf(step + 1));
        }
        button(page, "Timed ride").click();
        assertThat(page.getByText("an estimate for this machine")).isVisible();
        button(page, "Start the timed ride").click();
        page.clock().fastForward(61 * 60_000);
        assertThat(page.getByText("stop now, let clutch and hand rest")).isVisible();
        assertThat(page.getByLabel("Over the longest timed ride by")).containsText("+");
        putAway(page, Integer.parseInt(lesson.getAttribute("data-step")));
    }

    /** The lesson is the day's, and so the other tests' too. */
    private static void putAway(Page page, int step) {
        page.request()
                .post(
                        APP.address() + "/api/days/5/running",
                        RequestOptions.create().setData(Map.of("act", "PUT_AWAY", "step", step)));
    }

    /** What moving the cones for one takes, before they are moved. */
    @Test
    void movingConesSaysWhatItTakes() {
        Page page = APP.phone("/range/3?course=3");
        assertThat(button(page, "Smaller")).isEnabled();
        button(page, "Smaller").click();
        Locator asked = page.getByRole(AriaRole.ALERTDIALOG);
        assertThat(asked).containsText(Pattern.compile("[1-9]\\d* cones?, about\\s+\\d+\\s+min"));
        assertThat(asked).containsText(Pattern.compile("move them|best|before the next turn"));
        button(page, "Leave them").click();
        assertThat(asked).hasCount(0);
    }

    /** Black on white: everything that is read has seven to one, which is more than the AA that paper is held to. */
    @Test
    void inTheSunEverythingStandsOutSevenToOne() {
        for (String path : new String[] {"/range/2", "/range/log", "/setup?one=1"}) {
            Page page = APP.phone(path);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Light: paper"))
                    .click();
            page.waitForFunction("() => document.documentElement.dataset.light === 'sun'");
            assertThat(page.locator("h1").first()).isVisible();
            assertThat(new AxeBuilder(page)
                            .withRules(List.of("color-contrast-enhanced")).analyze().getViolations().stream()
                                    .flatMap(r -> r.getNodes().stream())
                                    .map(n -> n.getHtml() + n.getFailureSummary())
                                    .toList())
                    .as(path)
                    .isEmpty();
            page.close();
        }
    }
}

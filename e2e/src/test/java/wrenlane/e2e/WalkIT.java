package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.Media;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The whole walk on the demo day, from a calibrated bay to a run found again after a restart. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class WalkIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    private Page page;

    @BeforeEach
    void desk() {
        page = APP.chromium().desk();
    }

    private void go(String address) {
        page.navigate(APP.address() + address);
    }

    private Locator button(String name) {
        return App.button(page, name);
    }

    private Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    @Order(1)
    void showsTheDayAtAMadeUpYard() {
        go("/");
        assertThat(page).hasURL(Pattern.compile("/today$"));
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .containsText("lesson 5");
        assertThat(page.getByText("Demo: simulated riders")).isVisible();
        assertThat(page.getByRole(AriaRole.ROW)).hasCount(8);
    }

    @Test
    @Order(2)
    void calibratesABayAndReadsALengthInBays() {
        go("/yard");
        field("Taped length of them").nth(1).fill("9.6 m");
        assertThat(page.getByText("1 = 2.40")).isVisible();
        button("Save yard").click();
        assertThat(page.getByText("Yard saved.").first()).isVisible();

        go("/course");
        field("Width").fill("2.5 bays");
        assertThat(page.getByText("6.00 ± 0.12")).isVisible();
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Width 6\\.00"))))
                .isVisible();
        assertThat(field("Width")).hasValue("2.5 bays");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Depth")))
                .click();
        field("Depth, new value").fill("3 bays");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Depth 7\\.20"))))
                .isVisible();
    }

    @Test
    @Order(3)
    void keepsNonsenseInTheFieldWithASentenceAndTheLastGoodDrawing() {
        go("/course");
        field("Width").fill("quite wide");
        assertThat(page.getByText("is not a length we understand")).isVisible();
        assertThat(field("Width")).hasValue("quite wide");
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Width 7\\.20"))))
                .isVisible();
        field("Width").fill("40 m");
        assertThat(page.getByText("Width must be between 3 and 20 m; it is 40."))
                .isVisible();
        chooseLengths("ft, in");
        assertThat(page.getByText("Width must be between 9' 10\" and 65' 7.5\"; it is 131' 3\"."))
                .isVisible();
        chooseLengths("m");
        assertThat(page.getByText("Width must be between 3 and 20 m; it is 40."))
                .isVisible();
    }

    private void chooseLengths(String units) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Units: ")))
                .click();
        App.choose(page, units);
        page.keyboard().press("Escape");
    }

    @Test
    @Order(4)
    void dragsTheWidthUntilTheTourerNoLongerFits() {
        go("/course");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Touring 850"))
                .click();
        Locator verdict = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2))
                .first();
        assertThat(verdict).containsText("Fits");
        Locator handle = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Drag the width"));
        handle.scrollIntoViewIfNeeded();
        BoundingBox at = handle.boundingBox();
        double x = at.x + at.width / 2;
        double y = at.y + at.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        for (int i = 1; i <= 20; i++) {
            page.mouse().move(x, y + i * 10);
        }
        assertThat(verdict).containsText("Does not fit");
        page.mouse().up();
        assertThat(verdict).containsText("too tight by");
        assertThat(page.getByText("Save course")).isVisible();
    }

    @Test
    @Order(5)
    void setsADimensionByTypingIntoItsLineAndByKeys() {
        go("/course");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Depth")))
                .click();
        field("Depth, new value").fill("50 m");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Depth must be between 3.00\u2009m and 30.00\u2009m."))
                .isVisible();
        field("Depth, new value").fill("8 m");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Depth 8\\.00"))))
                .isVisible();
        Locator handle = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Drag the depth"));
        handle.focus();
        page.keyboard().press("ArrowRight");
        assertThat(handle).hasAttribute("aria-valuenow", "8.01");
    }

    @Test
    @Order(6)
    void printsWhereTheConesGo() {
        go("/setup");
        Locator tape = page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Tape figures"));
        assertThat(tape.getByRole(AriaRole.ROW)).hasCount(20);
        assertThat(page.getByText("A to Ca is 11.49")).isVisible();
        field("A to Ca as taped").fill("11.54");
        field("B to Da as taped").fill("11.44");
        assertThat(page.getByText("off square: push the far line")).isVisible();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.getByRole(AriaRole.NAVIGATION)).isHidden();
        assertThat(tape).isVisible();
    }

    @Test
    @Order(7)
    void logsSixRunsByKeyboardUndoesOneAndFindsThemAfterAReload() {
        go("/range/1");
        Locator runs = page.getByTestId("run");
        assertThat(page.getByText("No runs yet", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("0");
        page.keyboard().press("l");
        page.keyboard().press("f");
        page.keyboard().press("Enter");
        page.keyboard().press("ArrowRight");
        for (int i = 0; i < 4; i++) {
            page.keyboard().press("0");
        }
        assertThat(page.getByLabel("Right, clean of all: 4 / 4")).isVisible();
        page.keyboard().press("u");
        assertThat(page.getByLabel("Right, clean of all: 3 / 3")).isVisible();
        assertThat(page.getByText("All saved on the server")).isVisible();
        page.reload();
        assertThat(runs).hasCount(5);
        assertThat(page.getByLabel("Left, clean of all: 1 / 2")).isVisible();
        assertThat(page.getByLabel("line crossed, foot down").or(page.getByLabel("line, foot")))
                .isVisible();
    }

    @Test
    @Order(8)
    void findsThemInProgressAndAgainAfterARestart() throws IOException {
        findsFiveRunsOfToday();
        APP.server().stop();
        APP.server().start();
        findsFiveRunsOfToday();
    }

    private void findsFiveRunsOfToday() {
        go("/progress/1");
        page.getByText("Every run as a table").click();
        Locator own = page.getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText("Slipway box"))
                .filter(new Locator.FilterOptions().setHasNotText("simulated"));
        assertThat(own).hasCount(5);
        assertThat(own.filter(new Locator.FilterOptions().setHasText("line, foot")))
                .hasCount(1);
    }

    @Test
    @Order(9)
    void keepsRunsOnTheDeviceWhileTheServerIsOutOfReach() throws IOException {
        page = APP.chromium().phone();
        go("/range/2");
        assertThat(page.getByText("No runs yet", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        APP.server().stop();
        button("Clean").click();
        button("Clean").click();
        assertThat(page.getByText("2 saved on this device; the server is out of reach"))
                .isVisible();
        assertThat(page.getByTestId("run")).hasCount(2);
        APP.server().start();
        assertThat(page.getByText("All saved on the server")).isVisible();
        assertThat(page.getByTestId("run")).hasCount(2);
    }

    @Test
    @Order(10)
    void changesTheCourseWithoutRewritingWhatWasRidden() {
        go("/course");
        field("Width").fill("6.4 m");
        assertThat(page.getByText("6.40 ± 0.02")).isVisible();
        button("Save course").click();
        assertThat(page.getByText("Course saved.").first()).isVisible();
        go("/today");
        assertThat(page.getByText("6.40").first()).isVisible();
        findsFiveRunsOfToday();
    }

    @Test
    @Order(11)
    void backAndReloadKeepTheDayAndTheStop() {
        go("/today");
        field("Day").selectOption(new SelectOption().setIndex(1));
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .containsText("lesson 4");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Set up ready"))
                .click();
        assertThat(page).hasURL(Pattern.compile("/setup\\?day=\\d+"));
        page.reload();
        assertThat(page).hasURL(Pattern.compile("/setup\\?day=\\d+"));
        page.goBack();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .containsText("lesson 4");
    }

    @Test
    @Order(12)
    void readsInFeetAndMilesOnRequest() {
        go("/course");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Units"))
                .click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("ft, in"))
                .click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("mph"))
                .click();
        page.keyboard().press("Escape");
        Locator verdict = page.getByRole(AriaRole.HEADING).getByText("mph, leaning");
        assertThat(verdict).isVisible();
        field("Width").fill("23' 6\"");
        assertThat(page.getByText(Pattern.compile("23′.6″ ± "))).isVisible();
        page.reload();
        assertThat(verdict).isVisible();
    }

    @Test
    @Order(20)
    void asksNoOtherHostAndComplainsOfNothing() {
        assertThat(APP.chromium().hosts()).isNotEmpty().containsOnly("127.0.0.1");
        assertThat(APP.chromium().complaints().stream().filter(c -> !c.contains("ERR_CONNECTION_REFUSED")))
                .isEmpty();
    }
}

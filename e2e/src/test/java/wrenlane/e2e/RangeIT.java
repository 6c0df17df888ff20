package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static wrenlane.e2e.App.button;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is logged is what was ridden, and what the address says is what is shown. */
class RangeIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    private static Locator runs(Page page) {
        return page.getByTestId("run");
    }

    private static Locator ridden(Page page) {
        return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Setting ridden"))
                .getByRole(AriaRole.BUTTON);
    }

    /** Each rider rides the one of three widths that suits them, until another is chosen for them. */
    @Test
    void logsAtTheSettingThatSuitsOrAtTheOneChosen() {
        Page page = APP.phone("/range/1");
        Locator size = page.getByLabel("Size", new Page.GetByLabelOptions().setExact(true));
        assertThat(ridden(page)).hasCount(3);
        assertThat(size).containsText("8.70");
        button(page, "Clean").click();
        assertThat(runs(page)).hasCount(1);
        ridden(page).nth(2).click();
        assertThat(size).containsText("4.30");
        page.reload();
        assertThat(size).containsText("4.30");
        button(page, "Next rider").click();
        assertThat(page).hasURL(Pattern.compile("/range/2"));
        assertThat(size).containsText("6.70");
        page.close();
    }

    /** Another setting is logged once the cones are moved, and every device hears of it. */
    @Test
    void asksBeforeConesAreMovedAndTellsEverybody() {
        Page page = APP.desk("/range/3?course=3");
        Locator size = page.getByLabel("Size", new Page.GetByLabelOptions().setExact(true));
        assertThat(size).containsText("3.60");
        button(page, "Smaller").click();
        assertThat(page.getByText("The cones stand at 3.60")).isVisible();
        button(page, "Clean").click();
        assertThat(runs(page)).hasCount(1);
        assertThat(size).containsText("3.60");
        page.getByText("Moved to").click();
        assertThat(size).not().containsText("3.60");
        String moved = size.getByText(Pattern.compile("\\d\\.\\d\\d"))
                .first()
                .innerText()
                .strip()
                .substring(0, 4);
        Page other = APP.phone("/range/4?course=3");
        assertThat(other.getByLabel("Size", new Page.GetByLabelOptions().setExact(true)))
                .containsText(moved);
        other.close();
        page.close();
    }

    /** Four clean and one over the line, watched rather than tapped; then one broken off, which counts for nothing. */
    @Test
    void logsSeveralAtOnceAndWhatWasBrokenOff() {
        Page page = APP.phone("/range/6");
        button(page, "Several").click();
        for (int i = 0; i < 4; i++) {
            button(page, "One Clean more").click();
        }
        button(page, "One Line more").click();
        button(page, "Log 5 runs").click();
        assertThat(runs(page)).hasCount(5);
        assertThat(page.getByLabel("Left, clean of all: 4 / 5")).isVisible();
        button(page, "Abandoned").click();
        assertThat(page.getByLabel("abandoned")).isVisible();
        assertThat(page.getByLabel("Left, clean of all: 4 / 5")).isVisible();
        button(page, "Undo the last run").click();
        assertThat(page.getByLabel("abandoned")).hasCount(0);
        page.close();
    }

    /** A timed ride of eights with two feet down, with the watch's time and a note; all of it stands in the rider's record. */
    @Test
    void logsATimedRideWithItsTimeAndANote() {
        Page page = APP.phone("/range/7?course=4");
        button(page, "Timed ride").click();
        assertThat(button(page, "Log the timed ride")).isDisabled();
        App.fill(page, "Minutes", "4,5");
        App.fill(page, "Laps", "12");
        button(page, "One Foot more").click();
        button(page, "One Foot more").click();
        button(page, "Start timer").click();
        button(page, "Note").click();
        page.getByLabel("Goes with the next run or timed ride").fill("eyes up late");
        button(page, "Timed ride").click();
        button(page, "Log the timed ride").click();
        assertThat(page.getByLabel("timed ride of 4.5 min, 12 laps: 2 × foot")).isVisible();
        assertThat(page.getByText("All saved on the server")).isVisible();
        page.navigate(APP.address() + "/progress/7");
        page.getByLabel("Kind").selectOption(new SelectOption().setLabel("Figure eight"));
        page.waitForURL("**kind=figure-eight**");
        // The page as somebody finds it who comes back to it, with all that is read on it.
        page.reload();
        page.getByText("Every run as a table").click();
        assertThat(page.getByRole(AriaRole.CELL).filter(new Locator.FilterOptions().setHasText("eyes up late")))
                .containsText(Pattern.compile("timed ride of 4\\.5 min, 12 laps: 2 × foot, \\d+\\.\\d\u2009s"));
        page.close();
    }

    /** After a tap on Clean the focus is not left there, and with faults chosen Enter logs the faults. */
    @Test
    void keysAfterATapAreTheRanges() {
        Page page = APP.desk("/range/5");
        button(page, "Clean").click();
        assertThat(runs(page)).hasCount(1);
        page.keyboard().press("c");
        page.keyboard().press("Enter");
        assertThat(runs(page)).hasCount(2);
        assertThat(page.getByLabel("cone hit").or(page.getByLabel("cone")).first())
                .isVisible();
        // By keyboard alone too: Clean has the focus, faults are chosen, Enter logs them.
        button(page, "Clean").focus();
        page.keyboard().press("c");
        page.keyboard().press("Enter");
        assertThat(runs(page)).hasCount(3);
        assertThat(page.getByLabel(Pattern.compile("clean of all: 1 / 3"))).isVisible();
        page.close();
    }

    /** To the next rider and Clean in one breath, before the page has drawn anything: the run is the next rider's. */
    @Test
    void theNextRidersRunIsTheirsHoweverSoonItIsPressed() {
        Page next = APP.desk("/range/4?course=2");
        Page page = APP.desk("/range/3?course=2");
        for (Page shown : List.of(next, page)) {
            assertThat(button(shown, "Clean")).isEnabled();
            assertThat(runs(shown)).hasCount(0);
        }
        page.evaluate("""
                async () => {
                  const press = key => dispatchEvent(new KeyboardEvent('keydown', {key}));
                  press('n');
                  for (let i = 0; i < 50; i++) await null;
                  press('0');
                }""");
        assertThat(page).hasURL(Pattern.compile("/range/4"));
        assertThat(runs(page)).hasCount(1);
        assertThat(page.getByText("All saved on the server")).isVisible();
        page.navigate(APP.address() + "/range/3?course=2");
        assertThat(page.getByText("No runs yet", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        next.close();
        page.close();
    }

    @Test
    void courseAndSideStayForTheNextRiderAndAReload() {
        Page page = APP.desk("/range/1");
        button(page, "Bollard weave").click();
        button(page, "Right").click();
        button(page, "Next rider").click();
        for (int round = 0; round < 2; round++) {
            assertThat(page).hasURL(Pattern.compile("/range/2"));
            assertThat(button(page, "Bollard weave")).hasAttribute("aria-pressed", "true");
            assertThat(page.getByTestId("ridden")).containsText("on Bollard weave");
            assertThat(button(page, "Right")).hasAttribute("aria-pressed", "true");
            page.reload();
        }
        page.close();
    }

    /** The browser may think itself offline while the server runs beside it. */
    @Test
    void aBrowserThatSaysOfflineStillAsks() {
        Page page = APP.desk("/range/6");
        assertThat(button(page, "Clean")).isVisible();
        page.evaluate("() => { Object.defineProperty(navigator, 'onLine', { get: () => false });"
                + " window.dispatchEvent(new Event('offline')); }");
        button(page, "Next rider").click();
        assertThat(page).hasURL(Pattern.compile("/range/7"));
        button(page, "Clean").click();
        assertThat(runs(page)).hasCount(1);
        assertThat(page.getByText("All saved on the server")).isVisible();
        page.close();
    }

    /** An address that names what is not there never shows somebody else. */
    @ParameterizedTest
    @CsvSource({
        "/riders/999, No such rider",
        "/machines/999, No such machine",
        "/progress/999, No such rider",
        "/setup/999, No such course",
        "/course/999, No such course",
        "/range/999, No such rider on this day",
    })
    void whatIsNotThereIsSaid(String path, String words) {
        Page page = APP.desk(path);
        assertThat(page.getByRole(AriaRole.HEADING).filter(new Locator.FilterOptions().setHasText(words)))
                .isVisible();
        page.close();
    }

    /** What was typed is asked for before it goes; a digit on a drag handle is not a way to another page. */
    @Test
    void nothingTypedGoesWithoutAWord() {
        Page page = APP.desk("/riders/1");
        App.fill(page, "Name", "Somebody else");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Set up"))
                .click();
        assertThat(page.getByText("Not saved yet")).isVisible();
        button(page, "Stay").click();
        assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Somebody else");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Set up"))
                .click();
        button(page, "Leave without saving").click();
        assertThat(page).hasURL(Pattern.compile("/setup"));
        page.navigate(APP.address() + "/course");
        page.getByLabel("Drag the width").focus();
        page.keyboard().press("2");
        assertThat(page).hasURL(Pattern.compile("/course"));
        page.close();
    }

    @Test
    void singleKeysCanBeSwitchedOff() {
        Page page = APP.desk("/range/4");
        button(page, "Keys").click();
        page.getByLabel("Single keys do this").uncheck();
        page.keyboard().press("Escape");
        page.locator("h1").click();
        page.keyboard().press("0");
        button(page, "Clean").click();
        assertThat(runs(page)).hasCount(1);
        page.close();
    }

    /** Somebody scrolls with the space bar: nothing is logged. */
    @Test
    void theSpaceBarScrollsAndLogsNothing() {
        Page page = APP.desk("/range/2?course=2");
        assertThat(button(page, "Clean")).isEnabled();
        page.locator("h1").click();
        page.keyboard().press("Space");
        page.keyboard().press("0");
        assertThat(runs(page)).hasCount(1);
        page.close();
    }

    /** A new yard, once saved, stands in the form as it was typed. */
    @Test
    void aYardJustSavedKeepsItsFigures() {
        Page page = APP.desk("/yard");
        page.getByLabel("Yard", new Page.GetByLabelOptions().setExact(true))
                .selectOption(new SelectOption().setLabel("New yard…"));
        App.fill(page, "Name", "Slip road");
        App.fill(page, "Usable length", "30 m");
        App.fill(page, "Usable width", "20 m");
        assertThat(page.getByText("600 m²")).isVisible();
        button(page, "Save yard").click();
        assertThat(page.getByText("Yard saved.").first()).isVisible();
        assertThat(page.getByLabel("Usable length", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("30 m");
        page.close();
    }

    /** Runs on a figure eight alone are progress too. */
    @Test
    void progressOfSomebodyWhoRodeOneKindAloneIsThatKinds() {
        Page page = APP.desk("/riders/new");
        page.getByLabel("Name").fill("Edda Sandvik");
        button(page, "Save rider").click();
        assertThat(page).hasURL(Pattern.compile("/riders/\\d+"));
        String id = page.url().replaceAll(".*/riders/(\\d+).*", "$1");
        // Put on the newest demo day, and one run logged on its fourth course, a figure eight.
        Object status = page.evaluate("""
                async id => {
                  const send = (method, path, body, more) => fetch(path, { method, body: JSON.stringify(body),
                    headers: { 'Content-Type': 'application/json', ...more } });
                  const day = await (await fetch('/api/days/5')).json();
                  const riders = [...day.riders, { riderId: Number(id), machineId: 1 }];
                  const put = await send('PUT', '/api/days/5', { ...day, riders, id: undefined, version: undefined },
                    { 'If-Match': `"${day.version}"` });
                  if (!put.ok) return `day: ${put.status} ${await put.text()}`;
                  const run = await send('PUT', '/api/runs/11111111-2222-4333-8444-555555555555', { dayId: 5,
                    riderId: Number(id), machineId: 1, courseId: 4, side: 'LEFT', settingMetres: 5.5, faults: [],
                    loggedAt: new Date().toISOString() });
                  return run.ok ? 'logged' : `run: ${run.status} ${await run.text()}`;
                }
                """, id);
        assertEquals("logged", status);
        page.navigate(page.url().replaceAll("/riders/.*", "/progress/" + id));
        assertThat(page.getByText("No runs yet")).hasCount(0);
        assertThat(page.getByText("diameter ridden")).isVisible();
        page.close();
    }
}

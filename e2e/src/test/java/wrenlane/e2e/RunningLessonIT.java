package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static wrenlane.e2e.App.button;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A lesson is given by its lesson plan, on a phone. */
class RunningLessonIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    private static Locator next(Page page) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Next: ")));
    }

    private static Locator onward(Page page) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^On to: ")));
    }

    /** Goes on a step, and waits until it is on. */
    private static void goOn(Page page) {
        int step = Integer.parseInt(lesson(page).getAttribute("data-step"));
        onward(page).click();
        assertThat(lesson(page)).hasAttribute("data-step", String.valueOf(step + 1));
    }

    private static Locator lesson(Page page) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Lesson"));
    }

    /** Goes on to the first block on the box. */
    private static Page onTheBox() {
        Page page = APP.phone("/range/1");
        button(page, "Begin the lesson").click();
        button(page, "Run the lesson").click();
        do {
            goOn(page);
        } while (!lesson(page).innerText().startsWith("Slipway box"));
        button(page, "Run the lesson").click();
        assertThat(lesson(page)).containsText("Slipway box");
        return page;
    }

    private static void putAway(Page before) {
        before.close();
        Page page = APP.phone("/range/1");
        Locator run = button(page, "Run the lesson");
        assertThat(run).isVisible();
        run.click();
        while (onward(page).count() > 0) {
            goOn(page);
        }
        button(page, "End the lesson").click();
        button(page, "Put it away").click();
        assertThat(button(page, "Begin the lesson")).isVisible();
        page.close();
    }

    /** One run each, from one to the next as the order has it; another device sees the same. */
    @Test
    void ridersFollowOneAnother() {
        Page page = onTheBox();
        assertThat(page.getByText(Pattern.compile("turn\\s*1\\s*of"))).isVisible();
        assertThat(page.getByRole(AriaRole.TIMER)).containsText(":");
        button(page, "Clean").click();
        assertThat(page.getByText(Pattern.compile("turn\\s*2\\s*of"))).isVisible();
        assertThat(next(page)).hasText("Next: Tomas Ekvik");
        next(page).click();
        assertThat(page).hasURL(Pattern.compile("/range/2\\?.*side=LEFT"));
        page.keyboard().press("0");
        assertThat(next(page)).hasText("Next: Brigid Vanner");
        Page other = APP.desk("/range/7");
        assertThat(other.getByText("Slipway box").first()).isVisible();
        assertThat(next(other)).hasText("Next: Brigid Vanner");
        other.close();
        putAway(page);
    }

    @Test
    void somebodySkipsSomebodyIsAwayAndTheClockStandsStill() {
        Page page = onTheBox();
        button(page, "Run the lesson").click();
        Locator tomas =
                lesson(page).getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("Tomas Ekvik"));
        tomas.getByText("Is away").click();
        assertThat(next(page)).hasText("Next: Brigid Vanner");
        button(page, "Plan the rest anew").click();
        assertThat(page.getByText("The rest is planned anew.").first()).isVisible();
        assertThat(lesson(page)).containsText("Slipway box");
        Locator brigid = lesson(page)
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Brigid Vanner"));
        brigid.getByText("Skip a turn").click();
        assertThat(next(page)).hasText("Next: Odile Marchbank");
        tomas.getByText("Is here").click();
        assertThat(next(page)).hasText("Next: Tomas Ekvik");
        button(page, "Pause").click();
        assertThat(lesson(page)).containsText("paused");
        button(page, "Go on").click();
        assertThat(lesson(page)).not().containsText("paused");
        putAway(page);
    }

    /** A name and what they ride: one line, and they can be logged. */
    @Test
    void somebodyNobodyEnteredIsPutOnTheDay() {
        // On an older day: who is on the newest decides what its lesson is.
        Page page = APP.phone("/range/1?day=4");
        page.getByLabel("Rider", new Page.GetByLabelOptions().setExact(true))
                .selectOption(new SelectOption().setLabel("Somebody new…"));
        page.getByLabel("Name").fill("Wanda Late");
        page.getByLabel("Rides").selectOption(new SelectOption().setIndex(2));
        button(page, "Add to day").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Wanda Late")))
                .isVisible();
        button(page, "Clean").click();
        assertThat(page.getByTestId("run")).hasCount(1);
        page.close();
    }
}

package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static wrenlane.e2e.App.button;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What was logged wrong is put right, and what it was can still be read. */
class CorrectionIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    private static Locator runs(Page page) {
        return page.getByTestId("run");
    }

    private static Locator lines(Page page) {
        return page.getByTestId("logged");
    }

    private static Locator dialog(Page page) {
        return page.getByRole(AriaRole.DIALOG);
    }

    /** The button of a fault: its letter and its word. */
    private static Locator fault(Page page, String word) {
        return page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(Pattern.compile("^" + word.charAt(0) + "\\s*" + word + "$")));
    }

    private static void tap(Locator in, String name) {
        in.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    /** Logged clean to the left, it was a foot to the right; put right, taken back, and all of it in the log. */
    @Test
    void aRunIsPutRightFromItsTally() {
        Page page = APP.phone("/range/1");
        button(page, "Clean").click();
        assertThat(page.getByText("All saved on the server")).isVisible();
        runs(page).first().click();
        tap(dialog(page), "Right");
        tap(dialog(page), "Foot");
        dialog(page).getByLabel("Note").fill("looked at the drain");
        tap(dialog(page), "Correct");
        assertThat(page.getByLabel("Right, clean of all: 0 / 1")).isVisible();
        assertThat(page.getByLabel("Left, clean of all: 0 / 0")).isVisible();
        page.getByText("Runs of the day").click();
        assertThat(lines(page)).hasCount(1);
        assertThat(lines(page).first()).containsText("looked at the drain");
        assertThat(lines(page).first()).containsText("Corrected");
        assertThat(lines(page).first()).containsText("Before: Ines Corvell, U-turn box from a roll, left, 8.70");
        page.close();
    }

    @Test
    void aRunIsTakenAwayAndBroughtBack() {
        Page page = APP.phone("/range/2");
        button(page, "Clean").click();
        assertThat(runs(page)).hasCount(1);
        page.getByText("Runs of the day").click();
        Locator line = lines(page).filter(new Locator.FilterOptions().setHasText("Tomas Ekvik"));
        tap(line, "Correct");
        tap(dialog(page), "Delete run");
        assertThat(line).containsText("Deleted");
        page.reload();
        assertThat(line).containsText("Deleted");
        tap(line, "Restore");
        assertThat(line).not().containsText("Deleted");
        page.getByText("Back to the range").click();
        page.navigate(APP.address() + "/range/2");
        assertThat(runs(page)).hasCount(1);
        page.close();
    }

    /** Logged for the wrong rider, it goes to the right one with their machine. */
    @Test
    void aRunGoesToWhoRodeIt() {
        Page page = APP.phone("/range/3");
        button(page, "Clean").click();
        assertThat(runs(page)).hasCount(1);
        runs(page).first().click();
        dialog(page).getByLabel("Rider").selectOption("5");
        tap(dialog(page), "Correct");
        assertThat(runs(page)).hasCount(0);
        page.navigate(APP.address() + "/range/5");
        assertThat(runs(page)).hasCount(1);
        page.close();
    }

    /** After a drop, what came last; with the next run, how it was ridden, where, and how far off. */
    @Test
    void whatWasSeenGoesWithTheRun() {
        Page page = APP.phone("/range/4");
        fault(page, "Drop").click();
        button(page, "Log faults").click();
        button(page, "Front brake").click();
        assertThat(page.getByText("See to the rider first.")).hasCount(0);
        button(page, "Seen").click();
        button(page, "Head late").click();
        page.locator("[data-mark=B]").click();
        assertThat(page.getByLabel("Where")).hasValue("B");
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Off the cone by"))
                .getByRole(AriaRole.BUTTON)
                .first()
                .click();
        fault(page, "Cone").click();
        button(page, "Log faults").click();
        assertThat(button(page, "Seen ✓")).hasCount(0);
        page.getByText("Runs of the day").click();
        Locator own = lines(page).filter(new Locator.FilterOptions().setHasText("Odile Marchbank"));
        assertThat(own).hasCount(2);
        assertThat(own.first()).containsText("at B, 0.50 m off, head late");
        assertThat(own.nth(1)).containsText("last: front brake");
        page.close();
    }

    /** The same run put right on two devices: the second is told, and what it wanted is not lost without a word. */
    @Test
    void theSecondToCorrectIsTold() {
        Page phone = APP.phone("/range/6");
        button(phone, "Clean").click();
        assertThat(phone.getByText("All saved on the server")).isVisible();
        Page tablet = APP.desk("/range/6");
        runs(tablet).first().click();
        tap(dialog(tablet), "Cone");
        runs(phone).first().click();
        tap(dialog(phone), "Line");
        tap(dialog(phone), "Correct");
        assertThat(phone.getByText("All saved on the server")).isVisible();
        tap(dialog(tablet), "Correct");
        assertThat(tablet.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("corrected")))
                .containsText("meanwhile");
        phone.close();
        tablet.close();
    }
}

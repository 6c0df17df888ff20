package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static wrenlane.e2e.App.button;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A day is told to its riders, in the app's words or the instructor's. */
class DebriefIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    private static Locator of(Page page, String rider) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(rider));
    }

    @Test
    void aDayIsToldAndPutInOnesOwnWords() {
        Page page = APP.desk("/progress/debrief?day=4");
        Locator ines = of(page, "Ines Corvell");
        assertThat(ines).containsText("Clean in");
        assertThat(ines).containsText("Begin next time at");
        ines.getByText("In your own words").click();
        page.getByLabel("Told to Ines Corvell").fill("Chin up, Ines.\nWell ridden.");
        button(page, "Save").click();
        // The field is gone once it is kept.
        assertThat(page.getByLabel("Told to Ines Corvell")).hasCount(0);
        assertThat(ines).containsText("Well ridden.");
        page.reload();
        assertThat(ines).containsText("Well ridden.");
        assertThat(of(page, "Tomas Ekvik")).containsText("Clean in");
        ines.getByText("In your own words").click();
        button(page, "Use the calculated text").click();
        assertThat(ines).containsText("Clean in");
        page.close();
    }

    /** The lesson as it went is read below, and all of it printed; so is each rider's report. */
    @Test
    void theInstructorReadsHowItWentAndPrintsIt() {
        Page page = APP.desk("/progress/debrief?day=4");
        Locator review = of(page, "For the instructor");
        assertThat(review).containsText("was not begun on Range");
        assertThat(review).containsText("Slipway box");
        assertPrints(page);
        page.navigate(APP.address() + "/progress/1");
        assertPrints(page);
        page.close();
    }

    private static void assertPrints(Page page) {
        String path = page.getByText("PDF, A4").getAttribute("href");
        APIResponse printed = page.request().get(APP.address() + path);
        assertEquals(200, printed.status(), path);
        assertEquals("%PDF", new String(printed.body(), 0, 4, StandardCharsets.US_ASCII));
    }

    /** What is typed does not go without a word. */
    @Test
    void ownWordsAreAskedForBeforeTheyAreLost() {
        Page page = APP.phone("/progress/debrief?day=4");
        of(page, "Tomas Ekvik").getByText("In your own words").click();
        page.getByLabel("Told to Tomas Ekvik").fill("Better every time.");
        page.getByText("Each rider").click();
        assertThat(page.getByText("Not saved yet")).isVisible();
        button(page, "Leave without saving").click();
        assertThat(page.getByLabel("Told to Tomas Ekvik")).hasCount(0);
        assertThat(page.locator("h1")).not().hasText("Debrief");
        page.close();
    }

    /** A day without runs says so, and where they come from. */
    @Test
    void aDayWithoutRunsSaysSo() {
        Page page = APP.desk("/progress/debrief?day=5");
        assertThat(page.getByText("Nothing was logged on this day yet.")).isVisible();
        page.close();
    }
}

package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static wrenlane.e2e.App.button;
import static wrenlane.e2e.App.press;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Nothing that is typed is lost: every form keeps it in the browser, offers it after a reload, and saves it on leaving. */
class DraftsIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    private static Locator field(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
                .first();
    }

    /** Opens a form, unless what was typed in it has opened it again. */
    private static void open(Page page, String opener, String label) {
        assertThat(page.locator("h1").first()).isVisible();
        App.untilWhole(page);
        if (opener != null) {
            assertThat(field(page, label).or(button(page, opener)).first()).isVisible();
            if (field(page, label).count() == 0) {
                button(page, opener).first().click();
            }
        }
        assertThat(field(page, label)).isVisible();
    }

    private static void leaveForSetup(Page page) {
        page.getByRole(AriaRole.NAVIGATION)
                .getByRole(AriaRole.LINK)
                .filter(new Locator.FilterOptions().setHasText("Set up"))
                .click();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            /riders/1                        |                           | Name
            /riders/new                      |                           | Name
            /machines/1                      |                           | Name
            /yard                            |                           | Name
            /course/1                        |                           | Name of the course
            /today                           | Change the day            | Title
            /today                           | Change                    | Tall cones owned
            /today?day=new                   |                           | Title
            /lesson/drills/u-turn-rolling    | Change                    | Name
            /progress/1                      | Set a goal                | What it is
            /progress/5                      | Add your view | What is behind it, in your words
            /progress/debrief?day=4          | In your own words         | Told to Ines Corvell
            /lesson/causes                   | Change: the head goes late, or not far enough | Likely from
            """)
    void offersWhatWasTypedAfterAReload(String path, String opener, String label) {
        Page page = APP.desk(path);
        open(page, opener, label);
        String before = field(page, label).inputValue();
        field(page, label).fill("17");
        page.reload();
        open(page, opener, label);
        assertThat(page.getByText(Pattern.compile("What was typed here at \\d\\d:\\d\\d was not saved")))
                .isVisible();
        assertThat(field(page, label)).hasValue(before);
        press(page, "Restore it");
        assertThat(field(page, label)).hasValue("17");
        // Elsewhere is gone to only once somebody says what becomes of it.
        leaveForSetup(page);
        assertThat(page.getByText("Not saved yet")).isVisible();
        press(page, "Leave without saving");
        assertThat(page).hasURL(Pattern.compile("/setup"));
        page.navigate(APP.address() + path);
        open(page, opener, label);
        assertThat(field(page, label)).hasValue(before);
        assertThat(button(page, "Restore it")).hasCount(0);
        page.close();
    }

    @Test
    void savesOnLeavingAndGoesOn() {
        Page page = APP.desk("/riders/6");
        field(page, "Notes").fill("Rides again after a break.");
        leaveForSetup(page);
        press(page, "Save");
        assertThat(page).hasURL(Pattern.compile("/setup"));
        page.navigate(APP.address() + "/riders/6");
        assertThat(field(page, "Notes")).hasValue("Rides again after a break.");
        page.close();
    }

    @Test
    void saysWhyItCannotSaveOnLeaving() {
        Page page = APP.desk("/riders/6");
        field(page, "Name").fill("");
        leaveForSetup(page);
        press(page, "Save");
        assertThat(page.getByText("It could not be saved as it is.")).isVisible();
        press(page, "Stay");
        assertThat(page).hasURL(Pattern.compile("/riders/6"));
        page.close();
    }

    /** A note half typed beside a rider is there after a reload, and is theirs alone. */
    @Test
    void keepsANoteUntilTheRunItGoesWith() {
        Page page = APP.phone("/range/4?course=2");
        press(page, "Note");
        field(page, "Goes with the next run or timed ride").fill("looks down at cone 3");
        page.reload();
        press(page, "Note ✓");
        assertThat(field(page, "Goes with the next run or timed ride")).hasValue("looks down at cone 3");
        press(page, "Clean");
        assertThat(button(page, "Note")).isVisible();
        page.close();
    }
}

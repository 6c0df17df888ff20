package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static wrenlane.e2e.App.fill;
import static wrenlane.e2e.App.press;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Two pages change the same thing, and everything is put back as it was. */
class SharedDataIT {
    @RegisterExtension
    static final App APP = App.withDemoDayOfItsOwn();

    /** Both open a rider; the other saves first, then this one. */
    private static Page late(int rider, String theirs, String mine) {
        Page page = APP.desk("/riders/" + rider);
        assertThat(page.getByLabel("Notes")).isVisible();
        Page other = APP.desk("/riders/" + rider);
        fill(other, "Notes", theirs);
        press(other, "Save rider");
        assertThat(other.getByText("Rider saved.").first()).isVisible();
        other.close();
        fill(page, "Notes", mine);
        press(page, "Save rider");
        Locator asked = page.getByRole(AriaRole.DIALOG);
        assertThat(asked).containsText("Changed elsewhere meanwhile");
        assertThat(asked).containsText(theirs);
        assertThat(asked).containsText(mine);
        return page;
    }

    @Test
    void whatWasChangedElsewhereIsShownAndMineIsKeptIfIChooseSo() {
        Page page = late(1, "Theirs, first.", "Mine, first.");
        press(page, "Keep mine");
        assertThat(page.getByText("Rider saved.").first()).isVisible();
        page.reload();
        assertThat(page.getByLabel("Notes")).hasValue("Mine, first.");
        page.close();
    }

    @Test
    void orTheOtherIsKeptAndShown() {
        Page page = late(2, "Theirs, second.", "Mine, second.");
        press(page, "Keep the other");
        assertThat(page.getByLabel("Notes")).hasValue("Theirs, second.");
        page.close();
    }

    @Test
    void orIGoOnAndNothingOfMineIsLost() {
        Page page = late(3, "Theirs, third.", "Mine, third.");
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(page.getByLabel("Notes")).hasValue("Mine, third.");
        page.close();
    }

    @Test
    void aCopyIsKeptAndRestored() {
        Page page = APP.desk("/today");
        press(page, "Copies of your data");
        press(page, "Keep a copy now");
        Locator kept = page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("kept by hand"));
        assertThat(kept).containsText("5 days, 7 riders");
        Page other = APP.desk("/riders/new");
        fill(other, "Name", "Wendeline Ashgrove");
        press(other, "Save rider");
        assertThat(other.getByText("Rider saved.").first()).isVisible();
        kept.getByRole(AriaRole.BUTTON).getByText("Restore…").click();
        press(page, "Restore this copy");
        assertThat(page.getByText("before a copy was restored")).isVisible();
        other.reload();
        // The page of somebody who is no longer there says so, and leads on.
        assertThat(other.getByText("No such rider")).isVisible();
        other.getByText("All riders.").click();
        assertThat(other.getByText("Wendeline Ashgrove")).hasCount(0);
        assertThat(other.getByText("Petra Oyelin-Hathersage")).isVisible();
        other.close();
        page.close();
    }
}

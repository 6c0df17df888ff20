package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static wrenlane.e2e.App.button;
import static wrenlane.e2e.App.fill;
import static wrenlane.e2e.App.press;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Days, machines and yards come, are like others, and go. */
class DaysIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    private static Locator heading(Page page, String name) {
        return page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    /** A day like the last one has its riders, courses and places; its courses are put in another order; it goes again. */
    @Test
    void aDayIsLikeAnotherAndCanBeDeleted() {
        Page page = APP.desk("/today?day=new");
        fill(page, "Title", "Evening lesson");
        press(page, "Start the day");
        assertThat(heading(page, "Evening lesson")).isVisible();
        assertThat(page.getByText("Petra Oyelin-Hathersage").first()).isVisible();
        Locator first = page.getByRole(AriaRole.COMPLEMENTARY)
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("width"));
        assertThat(first.first()).containsText("Slipway box");
        press(page, "Change the day");
        press(page, "Kerb box, from a stop earlier");
        press(page, "Save the day");
        assertThat(page.getByText("Day saved.").first()).isVisible();
        assertThat(first.first()).containsText("Kerb box");
        page.navigate(page.url().replace("/today", "/yard") + "&view=courses");
        assertThat(page.getByText("Rearrange all")).isVisible();
        page.goBack();
        press(page, "Change the day");
        press(page, "Delete the day…");
        press(page, "Delete the day");
        assertThat(page.getByText("Evening lesson is deleted.").first()).isVisible();
        assertThat(heading(page, "Evening lesson")).hasCount(0);
        page.close();
    }

    @Test
    void aDayWithRunsSaysWhyItStays() {
        Page page = APP.desk("/today?day=4");
        press(page, "Change the day");
        press(page, "Delete the day…");
        press(page, "Delete the day");
        assertThat(page.getByText("runs and cannot be deleted").first()).isVisible();
        page.close();
    }

    @Test
    void aMachineIsCopiedAndADeletedOneComesBack() {
        Page page = APP.desk("/machines");
        link(page, "250 trail").click();
        press(page, "Copy");
        assertThat(page.getByLabel("Name")).hasValue("250 trail, copy");
        press(page, "Save machine");
        assertThat(link(page, "250 trail, copy")).isVisible();
        press(page, "Delete");
        assertThat(link(page, "250 trail, copy")).hasCount(0);
        button(page, "Undo").click();
        assertThat(link(page, "250 trail, copy")).isVisible();
        // Nine are many enough to be looked for.
        fill(page, "Find a machine", "copy");
        press(page, "Delete");
        assertThat(page.getByText("250 trail, copy is deleted.").first()).isVisible();
        page.close();
    }

    /** A field of the marker described last: the school's others are there as well. */
    private static Locator ofTheLast(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
                .last();
    }

    @Test
    void aMarkerOfOnesOwnIsCountedAndACourseIsSetupInIt() {
        Page page = APP.desk("/today");
        press(page, "Change");
        press(page, "Add a marker of your own");
        press(page, "Save");
        assertThat(page.getByText("Every marker needs a name, such as half ball.")
                        .first())
                .isVisible();
        ofTheLast(page, "One is called").fill("river stone");
        ofTheLast(page, "Height").fill("14 cm");
        ofTheLast(page, "Owned").fill("4");
        press(page, "Save");
        assertThat(page.getByText("A river stone of 0.14 m is not one to ride over")
                        .first())
                .isVisible();
        ofTheLast(page, "Height").fill("4 cm");
        press(page, "Save");
        assertThat(page.getByText("4 river stones").first()).isVisible();
        link(page, "Bollard weave").first().click();
        page.navigate(page.url().replace("/setup", "/course"));
        page.getByLabel("Flat markers").selectOption("river stone");
        press(page, "Save course");
        assertThat(button(page, "Saved")).isVisible();
        page.navigate(page.url().replace("/course", "/setup"));
        assertThat(page.getByText("river stone").first()).isVisible();
        page.navigate(page.url().replaceAll("/setup/\\d+", "/today"));
        assertThat(page.getByText("more than the school owns").first()).isVisible();
        press(page, "Change");
        page.getByText("river stone, 4").click();
        press(page, "remove river stone");
        press(page, "Save");
        assertThat(page.getByText("The river stone is what Bollard weave is set up in")
                        .first())
                .isVisible();
        page.close();
    }

    @Test
    void aYardNobodyIsOnIsDeletedAndComesBack() {
        Page page = APP.desk("/yard");
        page.getByLabel("Yard", new Page.GetByLabelOptions().setExact(true)).selectOption("new");
        fill(page, "Name", "Back lot");
        fill(page, "Usable length", "30 m");
        fill(page, "Usable width", "20 m");
        press(page, "Save yard");
        assertThat(heading(page, "Back lot")).isVisible();
        press(page, "Delete");
        assertThat(heading(page, "Back lot")).hasCount(0);
        button(page, "Undo").click();
        assertThat(heading(page, "Back lot")).isVisible();
        page.close();
    }
}

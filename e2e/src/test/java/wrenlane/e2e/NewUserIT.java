package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static wrenlane.e2e.App.button;
import static wrenlane.e2e.App.fill;
import static wrenlane.e2e.App.press;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Someone who starts with nothing. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class NewUserIT {
    @RegisterExtension
    static final App APP = App.empty();

    /** Along the buttons that say what comes next, from nothing to cones set out and a run logged. */
    @Test
    @Order(1)
    void goesFromAnEmptyAppToALoggedRun() {
        Page page = APP.chromium().desk();
        page.navigate(APP.address());
        press(page, "Start the day");
        assertThat(page.getByText("Nobody is on this day yet. Put riders")).isVisible();
        follow(page, "Go on to Yard");

        fill(page, "Name", "Quay");
        fill(page, "Usable length", "40 m");
        fill(page, "Usable width", "70 ft");
        press(page, "Save yard");
        assertThat(page.getByText("Yard saved.").first()).isVisible();
        assertThat(button(page, "Save yard")).isFocused();
        follow(page, "Next: Machines");

        fill(page, "Circle upright, left", "2 m");
        assertThat(page.getByText("A circle of 2.00 m cannot be")).isVisible();
        fill(page, "Circle upright, left", "5.4 m");
        press(page, "Save machine");
        assertThat(page.getByText("Machine saved.").first()).isVisible();
        assertThat(button(page, "Save machine")).isFocused();
        follow(page, "Next: Riders");

        fill(page, "Name", "Ada Testwick");
        press(page, "Save rider");
        assertThat(page.getByText("Rider saved.").first()).isVisible();
        assertThat(button(page, "Save rider")).isFocused();
        press(page, "Put on the day");
        assertThat(page.getByText("On Slow-riding lesson.", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        follow(page, "Next: Course");

        press(page, "Save course");
        assertThat(page.getByText("Now on").first()).isVisible();
        follow(page, "Next: Yard");

        press(page, "Find a place for 1");
        press(page, "Save places");
        assertThat(page.getByText("Places saved.").first()).isVisible();
        follow(page, "Next: Set-out");

        assertThat(page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Tape figures")))
                .isVisible();
        assertThat(page).hasTitle("Set-out – Wren Lane");
        follow(page, "Next: Range");

        assertThat(page.getByText("No runs yet", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(page.getByText("No runs at this setting yet; 4 clean of 5 tightens."))
                .isVisible();
        press(page, "Clean");
        assertThat(page.getByText("All saved on the server")).isVisible();
        assertThat(page.getByTestId("run")).hasCount(1);
    }

    private static void follow(Page page, String link) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(link).setExact(true))
                .click();
    }

    @Test
    @Order(2)
    void bringsDaysInFromAFileAndIsToldWhatIsWrongWithAnother() {
        Page page = APP.chromium().desk();
        page.navigate(APP.address() + "/today?day=new");
        page.locator("input[type=file]").setInputFiles(Path.of("pom.xml"));
        assertThat(page.getByText("This file is not JSON").first()).isVisible();
        assertThat(page.getByText("Bring it in")).hasCount(0);
        page.locator("input[type=file]").setInputFiles(BuiltApp.root().resolve("demo/ferry-apron.json"));
        assertThat(page.getByText("would add:")).isVisible();
        assertThat(page.getByText("Ferry apron, Gullpoint").first()).isVisible();
        press(page, "Bring it in");
        assertThat(page.getByText("5 days, 7 riders and 7 machines came in.").first())
                .isVisible();
    }
}

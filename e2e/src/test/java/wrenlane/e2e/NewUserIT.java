package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static wrenlane.e2e.App.fill;
import static wrenlane.e2e.App.press;

import com.microsoft.playwright.Page;
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

    @Test
    @Order(1)
    void goesFromAnEmptyAppToALoggedRun() {
        Page page = APP.chromium().desk();
        page.navigate(APP.address());
        press(page, "Start the day");
        assertThat(page.getByText("Nobody is on this day yet. Put riders")).isVisible();

        page.navigate(APP.address() + "/yard");
        fill(page, "Name", "Quay");
        fill(page, "Usable length", "40 m");
        fill(page, "Usable width", "70 ft");
        press(page, "Save yard");
        assertThat(page.getByText("Yard saved.").first()).isVisible();

        page.navigate(APP.address() + "/machines/new");
        fill(page, "Circle upright, left", "2 m");
        assertThat(page.getByText("A circle of 2.00 m cannot be")).isVisible();
        fill(page, "Circle upright, left", "5.4 m");
        press(page, "Save machine");
        assertThat(page.getByText("Machine saved.").first()).isVisible();

        page.navigate(APP.address() + "/riders/new");
        fill(page, "Name", "Ada Testwick");
        press(page, "Save rider");
        assertThat(page.getByText("Rider saved.").first()).isVisible();

        page.navigate(APP.address() + "/course/new");
        press(page, "Save course");
        assertThat(page.getByText("Now on").first()).isVisible();

        page.navigate(APP.address() + "/today");
        page.getByLabel("Ada Testwick").selectOption("1");
        press(page, "Save the day");
        assertThat(page.getByText("Day saved.").first()).isVisible();

        page.navigate(APP.address() + "/range");
        assertThat(page.getByText("No run yet today")).isVisible();
        press(page, "Clean");
        assertThat(page.getByText("All saved on the server")).isVisible();
        assertThat(page.getByTestId("run")).hasCount(1);
    }

    @Test
    @Order(2)
    void bringsDaysInFromAFileAndIsToldWhatIsWrongWithAnother() {
        Page page = APP.chromium().desk();
        page.navigate(APP.address() + "/today?day=new");
        page.locator("input[type=file]").setInputFiles(Path.of("pom.xml"));
        assertThat(page.getByText("This file is not JSON").first()).isVisible();
        assertThat(page.getByText("Bring it in")).hasCount(0);
        page.locator("input[type=file]")
                .setInputFiles(Path.of(System.getProperty("wren.root", ".."), "demo/ferry-apron.json"));
        assertThat(page.getByText("would add:")).isVisible();
        assertThat(page.getByText("Ferry apron, Gullpoint").first()).isVisible();
        press(page, "Bring it in");
        assertThat(page.getByText("5 days, 7 riders and 7 machines came in.").first())
                .isVisible();
    }
}

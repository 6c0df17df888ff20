package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static wrenlane.e2e.App.button;
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

    /** Who has more of the same saves without leaving, and is told what comes next. */
    @Test
    @Order(1)
    void savesAndStays() {
        Page page = APP.desk("/today");
        press(page, "Start the day");
        assertThat(page).hasTitle("Yard – Wren Lane");
        page.navigate(APP.address() + "/machines/new");
        fill(page, "Name", "Second twin");
        fill(page, "Circle upright, left", "2 m");
        assertThat(page.getByText("A circle of 2.00 m cannot be")).isVisible();
        fill(page, "Circle upright, left", "5.4 m");
        press(page, "Save machine");
        assertThat(page.getByText("Machine saved.").first()).isVisible();
        assertThat(button(page, "Save machine")).isFocused();

        page.navigate(APP.address() + "/riders/new");
        fill(page, "Name", "Bea Testwick");
        page.getByLabel("Usual machine").selectOption("Second twin");
        page.getByLabel("Put on Slow-riding lesson").uncheck();
        press(page, "Save rider");
        assertThat(page.getByText("Rider saved.").first()).isVisible();
        assertThat(button(page, "Save rider")).isFocused();
        press(page, "Add to day");
        assertThat(page.getByText("On Slow-riding lesson.", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.context().close();
    }

    @Test
    @Order(2)
    void bringsDaysInFromAFileAndIsToldWhatIsWrongWithAnother() {
        Page page = APP.chromium().desk();
        page.navigate(APP.address() + "/today?day=new");
        page.locator("input[type=file]").setInputFiles(Path.of("pom.xml"));
        assertThat(page.getByText("This file is not JSON").first()).isVisible();
        assertThat(page.getByText("Import", new Page.GetByTextOptions().setExact(true)))
                .hasCount(0);
        page.locator("input[type=file]").setInputFiles(BuiltApp.root().resolve("demo/ferry-apron.json"));
        assertThat(page.getByText("would add:")).isVisible();
        assertThat(page.getByText("Ferry apron, Gullpoint").first()).isVisible();
        press(page, "Import");
        assertThat(page.getByText("5 days, 7 riders and 7 machines imported.").first())
                .isVisible();
    }
}

package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static wrenlane.e2e.App.button;
import static wrenlane.e2e.App.fill;
import static wrenlane.e2e.App.press;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
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

    /** What was pressed, and what was typed. */
    private static final class Hands {
        private final Page page;
        private int presses;
        private int fields;

        Hands(Page page) {
            this.page = page;
        }

        void presses(String button) {
            presses++;
            press(page, button);
        }

        void follows(String link) {
            presses++;
            follow(page, link);
        }

        void types(String field, String text) {
            fields++;
            fill(page, field, text);
        }
    }

    /** Along the buttons that go on by themselves, from nothing to cones set out, a printed sheet and a run logged. */
    @Test
    @Order(1)
    void goesFromAnEmptyAppToALoggedRunInNinePressesAndThreeFields() {
        Page page = APP.chromium().desk();
        Hands hands = new Hands(page);
        page.navigate(APP.address());
        hands.presses("Start the day");

        hands.types("Usable length", "40 m");
        hands.types("Usable width", "70 ft");
        hands.presses("Save and go on");
        assertThat(page.getByText("Yard saved.").first()).isVisible();

        assertThat(page).hasURL(Pattern.compile(".*/machines.*"));
        hands.presses("Save and go on");
        assertThat(page.getByText("Machine saved.").first()).isVisible();

        assertThat(page).hasURL(Pattern.compile(".*/riders/new.*"));
        hands.types("Name", "Ada Testwick");
        hands.presses("Save and go on");
        assertThat(page.getByText("Now on Slow-riding lesson.").first()).isVisible();

        assertThat(page).hasTitle("Course – Wren Lane");
        hands.presses("Save and go on");
        assertThat(page.getByText("Course saved.").first()).isVisible();

        // The one course is given a place at once, to be looked at.
        hands.presses("Save and go on");
        assertThat(page.getByText("Places saved.").first()).isVisible();

        assertThat(page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Tape figures")))
                .isVisible();
        assertThat(page).hasTitle("Set-out – Wren Lane");
        Download sheet = page.waitForDownload(() -> hands.follows("PDF, A4"));
        assertThat(sheet.suggestedFilename()).endsWith(".pdf");

        hands.follows("Next: Range");
        assertThat(page.getByText("No runs yet", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(page.getByText("No runs at this setting yet; 4 clean of 5 tightens."))
                .isVisible();
        hands.presses("Clean");
        assertThat(page.getByText("All saved on the server")).isVisible();
        assertThat(page.getByTestId("run")).hasCount(1);

        assertThat(hands.presses).isEqualTo(9);
        assertThat(hands.fields).isEqualTo(3);
        page.context().close();
    }

    private static void follow(Page page, String link) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(link).setExact(true))
                .click();
    }

    /** Who has more of the same saves without leaving, and is told what comes next. */
    @Test
    @Order(2)
    void savesAndStays() {
        Page page = APP.chromium().desk();
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
        press(page, "Put on the day");
        assertThat(page.getByText("On Slow-riding lesson.", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.context().close();
    }

    @Test
    @Order(3)
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

package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** From nothing to cones set out, a printed sheet and a run logged, along the buttons that go on by themselves. */
class FirstUseIT {
    @RegisterExtension
    static final App APP = App.empty();

    @BeforeEach
    void fromNothing() throws IOException {
        APP.asItCame();
    }

    @Test
    void takesNinePressesAndThreeFieldsAndSaysNoMetresToWhoeverReadsFeet() {
        Page page = APP.chromium().desk();
        FeetPages.chosen(page);
        page.navigate(APP.address());
        Hands hands = Hands.withPointer(page);
        walk(
                hands,
                "130 ft",
                "70 ft",
                () -> assertThat(FeetPages.metresAlone(page)).as(page.url()).isEmpty());
        assertThat(hands.pressed()).isEqualTo(9);
        assertThat(hands.typed()).isEqualTo(3);
    }

    @Test
    void goesByKeyboardAlone() {
        walk(Hands.withKeyboard(APP.desk("/")), "40 m", "21 m", () -> {});
    }

    /** Looks at each page before it is left. */
    private static void walk(Hands hands, String length, String width, Runnable look) {
        Page page = hands.page;
        assertThat(App.button(page, "Start the day")).isVisible();
        look.run();
        hands.presses("Start the day");

        hands.types("Usable length", length);
        hands.types("Usable width", width);
        assertThat(page.getByText("it misses corner A by")).isVisible();
        look.run();
        hands.presses("Save and go on");
        assertThat(page.getByText("Yard saved.").first()).isVisible();

        assertThat(page).hasURL(Pattern.compile(".*/machines.*"));
        assertThat(page.getByText("More figures")).isVisible();
        look.run();
        hands.presses("Save and go on");
        assertThat(page.getByText("Machine saved.").first()).isVisible();

        assertThat(page).hasURL(Pattern.compile(".*/riders/new.*"));
        look.run();
        hands.types("Name", "Ada Testwick");
        hands.presses("Save and go on");
        assertThat(page.getByText("Now on Slow-riding lesson.").first()).isVisible();

        assertThat(page).hasTitle("Course – Wren Lane");
        Pattern verdict = Pattern.compile("Fits with|Too close|Does not fit");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(verdict)))
                .isVisible();
        look.run();
        hands.presses("Save and go on");
        assertThat(page.getByText("Course saved.").first()).isVisible();

        // The one course is given a place at once, to be looked at.
        assertThat(App.button(page, "Save and go on")).isVisible();
        look.run();
        hands.presses("Save and go on");
        assertThat(page.getByText("Places saved.").first()).isVisible();

        assertThat(page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Tape figures")))
                .isVisible();
        assertThat(page).hasTitle("Set up – Wren Lane");
        look.run();
        Download sheet = page.waitForDownload(() -> hands.follows("PDF, A4"));
        assertThat(sheet.suggestedFilename()).endsWith(".pdf");

        hands.follows("Next: Range");
        assertThat(page.getByText("No runs yet", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(page.getByText("No runs at this size yet. 4 clean of 5 on each side, then go smaller."))
                .isVisible();
        look.run();
        hands.presses("Clean");
        assertThat(page.getByText("All saved on the server")).isVisible();
        assertThat(page.getByTestId("run")).hasCount(1);
    }
}

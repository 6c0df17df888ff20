package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static wrenlane.e2e.App.button;
import static wrenlane.e2e.App.choose;
import static wrenlane.e2e.App.fill;
import static wrenlane.e2e.App.press;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A yard is put in on the drawing: its corners, what stands on it, its bays and the way in. */
class DrawnYardIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    /** Where the ground lies on the screen that a yard is drawn on: 60 m across, with 8 pixels left free. */
    private record Ground(Page page, BoundingBox box) {
        static Ground of(Page page) {
            return new Ground(
                    page,
                    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Ground to draw the yard on"))
                            .boundingBox());
        }

        /** Clicks a place of the ground, in metres. */
        void click(double x, double y) {
            double scale = Math.min((box.width - 16) / 60, (box.height - 16) / 40);
            page.mouse().click(box.x + box.width / 2 + (x - 30) * scale, box.y + box.height / 2 - (y - 20) * scale);
        }
    }

    private static Locator named(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private static Locator drawing(Page page) {
        return page.getByRole(
                AriaRole.GROUP, new Page.GetByRoleOptions().setName("The yard").setExact(true));
    }

    private static void draw(Page page, double fromX, double fromY, double toX, double toY) {
        BoundingBox box = drawing(page).boundingBox();
        page.mouse().move(box.x + fromX * box.width, box.y + fromY * box.height);
        page.mouse().down();
        page.mouse().move(box.x + toX * box.width, box.y + toY * box.height);
        page.mouse().up();
    }

    @Test
    void aYardIsDrawnAndThenTaped() {
        Page page = APP.desk("/yard/new");
        Ground ground = Ground.of(page);
        assertThat(button(page, "Close the outline")).isDisabled();
        ground.click(4, 4);
        ground.click(50, 4);
        ground.click(50, 20);
        ground.click(40, 30);
        ground.click(4, 30);
        assertThat(page.getByText("5 corners.")).isVisible();
        ground.click(4, 4);
        Locator drawn =
                page.getByText("Drawn by eye, still to be measured: side AB, side BC, side CD, side DE and side EA");
        assertThat(drawn).isVisible();
        assertThat(named(page, "A to B ≈ 46.00")).isVisible();
        assertThat(page.getByLabel("Corner C", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("OPEN");

        named(page, "A to B ≈ 46.00").click();
        page.getByLabel("A to B, new value").fill("46.5 m");
        page.keyboard().press("Enter");
        assertThat(named(page, "A to B 46.50")).isVisible();
        assertThat(page.getByLabel("A to B", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("46.5 m");
        assertThat(page.getByText("still to be measured: side BC, side CD, side DE and side EA"))
                .isVisible();

        press(page, "Draw an obstacle");
        page.getByLabel("Kind of obstacle").selectOption("WALL");
        draw(page, 0.35, 0.4, 0.55, 0.4);
        press(page, "Name it and type its figures");
        fill(page, "Called", "old fender");
        assertThat(named(page, "old fender: drag")).isVisible();

        press(page, "Draw bays");
        draw(page, 0.3, 0.7, 0.6, 0.7);
        assertThat(page.getByText(Pattern.compile("^Row of \\d+ bays$")).first())
                .isVisible();

        press(page, "Entrance");
        draw(page, 0.5, 0.8, 0.5, 0.8);
        assertThat(page.getByLabel("Entrance", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("0");

        fill(page, "Name", "Drawn by eye");
        press(page, "Save yard");
        assertThat(page.getByText("Yard saved.").first()).isVisible();
        page.reload();
        assertThat(named(page, "old fender: drag")).isVisible();
        assertThat(named(page, "A to B 46.50")).isVisible();
        assertThat(named(page, "E to A ≈ 26.00")).isVisible();
        page.close();
    }

    @Test
    void anOutlineWhoseSidesCrossIsRefusedAndKept() {
        Page page = APP.desk("/yard/new");
        Ground ground = Ground.of(page);
        ground.click(10, 5);
        ground.click(40, 30);
        ground.click(40, 5);
        ground.click(10, 30);
        press(page, "Close the outline");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Two sides of this drawing cross");
        assertThat(page.getByText("4 corners.")).isVisible();
        press(page, "Remove last corner");
        press(page, "Close the outline");
        assertThat(drawing(page)).isVisible();
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        press(page, "Undo drawing");
        assertThat(page.getByText("3 corners.")).isVisible();
        page.close();
    }

    @Test
    void byKeyboardAloneAYardIsDrawnAndACornerMoved() {
        Page page = APP.desk("/yard/new");
        Locator ground = named(page, "The ground: the arrow keys move the cross");
        ground.focus();
        String[][] ways = {
            {},
            {"Shift+ArrowRight", "Shift+ArrowRight"},
            {"Shift+ArrowUp", "ArrowUp"},
            {"Shift+ArrowLeft", "Shift+ArrowLeft"}
        };
        for (String[] way : ways) {
            for (String key : way) {
                page.keyboard().press(key);
            }
            page.keyboard().press("Enter");
        }
        page.keyboard().press("Tab");
        button(page, "Close the outline").focus();
        page.keyboard().press("Enter");
        assertThat(named(page, "A to B ≈ 10.00")).isVisible();
        assertThat(named(page, "B to C ≈ 5.50")).isVisible();

        // A rectangle's lengths are dragged as those of a course are.
        page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Drag A to B"))
                .focus();
        page.keyboard().press("Shift+ArrowRight");
        assertThat(named(page, "A to B ≈ 10.10")).isVisible();

        button(page, "Corners").focus();
        page.keyboard().press("Enter");
        Locator corner = named(page, "Corner C: drag");
        corner.focus();
        page.keyboard().press("Shift+ArrowRight");
        assertThat(page.getByLabel("Corner C", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("OPEN");
        // A to B was drawn already and ends at no corner that moved.
        assertThat(named(page, "A to B ≈ 10.10")).isVisible();
        assertThat(named(page, "B to C ≈ 5.50")).hasCount(0);

        named(page, "Add a corner between A and B").focus();
        page.keyboard().press("ArrowDown");
        assertThat(named(page, "E to A")).isVisible();
        named(page, "Corner B: drag").focus();
        page.keyboard().press("Delete");
        assertThat(named(page, "E to A")).hasCount(0);
        press(page, "Undo drawing");
        assertThat(named(page, "E to A")).isVisible();
        page.close();
    }

    @Test
    void whatIsTypedInTheFormIsNotTakenBackFromTheDrawing() {
        Page page = APP.desk("/yard/new");
        fill(page, "Usable length", "30 m");
        fill(page, "Usable width", "20 m");
        assertThat(named(page, "A to B 30.00")).isVisible();
        press(page, "Draw an obstacle");
        draw(page, 0.5, 0.5, 0.5, 0.5);
        assertThat(named(page, "post: drag")).isVisible();
        assertThat(button(page, "Undo drawing")).isEnabled();
        named(page, "post: drag").focus();
        page.keyboard().press("Shift+ArrowRight");
        page.keyboard().press("Delete");
        assertThat(named(page, "post: drag")).hasCount(0);
        press(page, "Undo drawing");
        assertThat(named(page, "post: drag")).isVisible();
        choose(page, "Side by side");
        assertThat(button(page, "Undo drawing")).isDisabled();
        page.close();
    }

    /** With a thumb: the drawing stays in view over the fields beneath it. */
    @Test
    void onAPhoneTheDrawingStaysInViewWhileTheFormIsFilledIn() {
        Page page = APP.phone("/yard");
        Locator notes = page.getByLabel("Notes");
        notes.scrollIntoViewIfNeeded();
        notes.focus();
        BoundingBox plan = drawing(page).boundingBox();
        org.assertj.core.api.Assertions.assertThat(plan.y).isBetween(-2.0, 60.0);
        BoundingBox field = notes.boundingBox();
        org.assertj.core.api.Assertions.assertThat(field.y).isGreaterThan(plan.y + plan.height);
        page.close();
    }
}

package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static wrenlane.e2e.App.button;
import static wrenlane.e2e.App.choose;
import static wrenlane.e2e.App.fill;
import static wrenlane.e2e.App.press;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A yard is measured side by side, and courses are placed on it. */
class YardIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    /** A(0,0) B(40,0) C(40,15) D(30,25) E(0,25): side CD is 14.14 m and is read as 13.3 m. */
    @Test
    void findsAFalseMeasurementInAFiveSidedYard() {
        Page page = APP.desk("/yard");
        page.getByLabel("Yard", new Page.GetByLabelOptions().setExact(true))
                .selectOption(new SelectOption().setLabel("New yard…"));
        fill(page, "Name", "Five-sided");
        choose(page, "Side by side");
        press(page, "Add a side");
        String[] sides = {"A to B", "B to C", "C to D", "D to E", "E to A"};
        String[] metres = {"40 m", "15 m", "13.3 m", "30 m", "25 m"};
        for (int i = 0; i < sides.length; i++) {
            fill(page, sides[i], metres[i]);
        }
        page.getByLabel("Corner C").selectOption(new SelectOption().setLabel("not square"));
        page.getByLabel("Corner D").selectOption(new SelectOption().setLabel("not square"));
        page.getByLabel("Corner E").selectOption(new SelectOption().setLabel("square"));
        press(page, "Add a diagonal");
        fill(page, "Diagonal AC", "42.72 m");
        Locator alert = page.getByRole(AriaRole.ALERT);
        assertThat(alert).containsText(Pattern.compile("[Ss]ide CD is 0\\.8\\d m too short"));
        fill(page, "C to D", "14.14 m");
        assertThat(alert).hasCount(0);
        assertThat(page.getByText("misses corner A by")).isVisible();
        press(page, "Save yard");
        assertThat(page.getByText("Yard saved.").first()).isVisible();
        page.close();
    }

    @Test
    void asksBeforeAnotherYardIsShownOverUnsavedWork() {
        Page page = APP.desk("/yard");
        fill(page, "Name", "Half described");
        Locator yards = page.getByLabel("Yard", new Page.GetByLabelOptions().setExact(true));
        yards.selectOption(new SelectOption().setLabel("New yard…"));
        assertThat(page.getByText("Not saved yet")).isVisible();
        press(page, "Stay");
        assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Half described");
        page.close();
    }

    /** On a phone courses are as large as a thumb's nail: they are looked at closer, and what is in view is moved. */
    @Test
    void aYardIsLookedAtCloserOnAPhone() {
        Page page = APP.phone("/yard?view=courses");
        Locator course = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Slipway box: drag")));
        BoundingBox whole = course.boundingBox();
        String stands = page.getByText(Pattern.compile("^\\d+\\.\\d\\d\u2009m · "))
                .first()
                .innerText();
        press(page, "Zoom in");
        Locator ground = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("The drawing: drag, or move with the arrow keys"));
        assertThat(ground).isVisible();
        BoundingBox closer = course.boundingBox();
        Assertions.assertThat(closer.width).isCloseTo(2 * whole.width, within(4.0));
        ground.focus();
        page.keyboard().press("ArrowRight");
        BoundingBox drawing = ground.boundingBox();
        BoundingBox moved = course.boundingBox();
        Assertions.assertThat(closer.x - moved.x).isCloseTo(drawing.height / 4, within(2.0));
        // By a place on which no course lies, wherever another test has left them.
        double[] free = openPlace(page, drawing);
        page.mouse().move(free[0], free[1]);
        page.mouse().down();
        page.mouse().move(free[0] + 40, free[1]);
        page.mouse().up();
        BoundingBox dragged = course.boundingBox();
        Assertions.assertThat(dragged.x - moved.x).isCloseTo(40, within(2.0));
        press(page, "Zoom out");
        assertThat(ground).hasCount(0);
        Assertions.assertThat(course.boundingBox().width).isCloseTo(whole.width, within(1.0));
        assertThat(page.getByText(stands, new Page.GetByTextOptions().setExact(true))
                        .first())
                .isVisible();
        page.close();
    }

    /** A place of the drawing, in the page's pixels, that is none of a course's. */
    private static double[] openPlace(Page page, BoundingBox drawing) {
        Object found = page.evaluate("""
                ([x0, y0, w, h]) => {
                  for (let y = y0 + 5; y < y0 + h; y += 7)
                    for (let x = x0 + 5; x < x0 + w - 50; x += 7) {
                      const at = document.elementFromPoint(x, y);
                      const held = at?.closest('[tabindex]');
                      const ground = held?.getAttribute('aria-label')?.startsWith('The drawing');
                      if (at?.closest('.cursor-grab') && (held === null || ground)) return [x, y];
                    }
                  throw new Error('no open place');
                }""", List.of(drawing.x, drawing.y, drawing.width, drawing.height));
        return ((List<?>) found)
                .stream().mapToDouble(v -> ((Number) v).doubleValue()).toArray();
    }

    @Test
    void saysSoWhereThereIsNoSuchYard() {
        Page page = APP.desk("/yard/987");
        assertThat(page.getByText("No such yard")).isVisible();
        page.close();
    }

    /** In yellow discs at one of its settings, the box has two marks as far apart as two of the eight's discs. */
    @Test
    void aCourseSharesConesWithAnotherThatStands() {
        Page page = APP.desk("/yard?view=courses");
        press(page, "Slipway box");
        press(page, "Share cones");
        Locator places = page.getByLabel("Places with shared cones").getByRole(AriaRole.BUTTON);
        places.filter(new Locator.FilterOptions().setHasText("2 cones · Two turntables"))
                .first()
                .click();
        assertThat(page.getByText("Slipway box and Two turntables share 2 cones"))
                .containsText("never let both be ridden at once");
        assertThat(page.getByText("what is shared is laid once")).isVisible();
        press(page, "Save places");
        assertThat(page.getByText("Places saved.").first()).isVisible();
        press(page, "Rearrange all");
        assertThat(page.getByText("Nothing overlaps, run-outs are clear")).isVisible();
        press(page, "Save places");
        assertThat(button(page, "Save places")).isDisabled();
        page.close();
    }

    @Test
    void placesCoursesAndSaysWhatIsUnsafeOnceOneIsDragged() {
        Page page = APP.desk("/yard?view=courses");
        Locator safe = page.getByText("Nothing overlaps, run-outs are clear");
        assertThat(safe).isVisible();
        press(page, "Slipway box");
        press(page, "Remove from yard");
        press(page, "Kerb box, from a stop");
        press(page, "Remove from yard");
        press(page, "Bollard weave");
        press(page, "Remove from yard");
        press(page, "Find a place for 3");
        assertThat(button(page, "Rearrange all")).isVisible();
        assertThat(safe).isVisible();
        Locator weave = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Bollard weave: drag"));
        weave.focus();
        for (int i = 0; i < 15; i++) {
            page.keyboard().press("Shift+ArrowUp");
        }
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("sticks out of the yard");
        Locator turn = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Turn Bollard weave"));
        int degrees = Integer.parseInt(turn.getAttribute("aria-valuenow"));
        turn.focus();
        page.keyboard().press("ArrowLeft");
        assertThat(turn).not().hasAttribute("aria-valuenow", String.valueOf(degrees));
        press(page, "Rearrange all");
        assertThat(safe).isVisible();
        press(page, "Save places");
        assertThat(page.getByText("Places saved.").first()).isVisible();
        page.reload();
        assertThat(safe).isVisible();
        assertThat(button(page, "Save places")).isDisabled();
        page.close();
    }
}

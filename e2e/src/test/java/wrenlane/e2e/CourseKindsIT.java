package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every kind of course, and what can be done with one, in a real browser. */
class CourseKindsIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    private Page page;

    @BeforeEach
    void openANewCourse() {
        page = APP.chromium().desk();
        page.navigate(APP.address() + "/course/new");
        assertThat(page.getByLabel("Kinds of course").getByRole(AriaRole.LISTITEM))
                .hasCount(15);
    }

    private Locator button(String name) {
        return App.button(page, name);
    }

    private void choose(String kind) {
        page.getByLabel("Kinds of course")
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(kind).setExact(true))
                .click();
    }

    private Locator verdict() {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2))
                .first();
    }

    @ParameterizedTest
    @CsvSource({
        "Lane, Width",
        "Stop boxes, Box depth",
        "Plank crossing, Gate",
        "Turning-circle test, Circle",
        "Circle, Diameter",
        "Straight weave, Spacing",
        "U-turn box, Width",
        "Full-lock start, Outer diameter",
        "Figure eight, Centres apart",
        "Figure-eight box, Length",
        "Offset weave, Offset",
        "Circle weave, Lane each side",
        "Return gates, Pitch",
        "Weave and turn, First cone before the corner",
        "Crossroads, Leg length"
    })
    void isChosenDrawnAndJudged(String kind, String dimension) {
        choose(kind);
        assertThat(page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName(Pattern.compile("Drag the"))))
                .not()
                .hasCount(0);
        assertThat(page.locator("path.rear-wheel")).hasCount(1);
        assertThat(verdict()).containsText("Fits");
        Locator figure = page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(Pattern.compile("^" + dimension + " .*type another")));
        assertThat(figure).isVisible();
        page.getByLabel("Plan of the course").scrollIntoViewIfNeeded();
        assertThat(page.getByLabel("Run the machine along the line")).isVisible();
    }

    @Test
    void refusesACountOutOfRangeAndKeepsTheDrawing() {
        choose("Straight weave");
        assertThat(page.locator("path.rear-wheel")).hasCount(1);
        Locator cones = page.getByLabel("Cones, 2 to 15");
        cones.fill("0");
        assertThat(page.getByText("A whole number from 2 to 15.")).isVisible();
        assertThat(page.locator("path.rear-wheel")).hasCount(1);
        cones.fill("7");
        assertThat(page.getByText("A whole number from 2 to 15.")).isHidden();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2))
                        .first())
                .containsText("Fits");
    }

    @Test
    void saysWhatContradictsWhatAndKeepsTheLastGoodDrawing() {
        choose("Figure eight");
        assertThat(verdict()).containsText("Fits");
        page.getByLabel("Diameter", new Page.GetByLabelOptions().setExact(true)).fill("12 m");
        assertThat(page.getByText("overlap with centres")).isVisible();
        assertThat(page.getByText("The drawing keeps the last good state.")).isVisible();
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Diameter 5\\.00"))))
                .isVisible();
    }

    @Test
    void runsAMachineAlongTheLineAndLaysAnotherOverIt() {
        choose("Straight weave");
        assertThat(page.locator("path.rear-wheel")).hasCount(1);
        Locator thumb = page.getByLabel("Run the machine along the line");
        thumb.focus();
        page.keyboard().press("ArrowRight");
        assertThat(page.locator(".outline-now")).hasCount(1);
        String before = page.locator(".outline-now path").first().getAttribute("d");
        page.keyboard().press("PageUp");
        assertThat(page.locator(".outline-now path").first()).not().hasAttribute("d", before);
        page.getByLabel("Compare with").selectOption(new SelectOption().setLabel("1400 heavy tourer"));
        assertThat(page.locator("path.other-rear-wheel")).hasCount(1);
    }

    /** While a handle is dragged, every drawing belongs to the figure that is drawn with it. */
    @Test
    void neverDrawsALineOfOtherDimensionsWhileDragging() {
        Locator handle = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Drag the width"));
        assertThat(page.locator("path.rear-wheel")).hasCount(1);
        BoundingBox at = handle.boundingBox();
        double x = at.x + at.width / 2;
        double y = at.y + at.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        for (int i = 1; i <= 30; i++) {
            page.mouse().move(x, y + i * 2);
            Object apart = page.evaluate(
                    "() => { const figure = document.querySelector('button[aria-label^=\"Width\"]').innerText;"
                            + " const slider = document.querySelector('[aria-label=\"Drag the width\"]');"
                            + " return Math.abs(parseFloat(figure) - parseFloat(slider.getAttribute('aria-valuenow'))); }");
            assertThat(((Number) apart).doubleValue()).isLessThan(0.006);
        }
        page.mouse().up();
        assertThat(verdict()).containsText(Pattern.compile("Fits|Does not fit|Too close"));
    }

    @Test
    void duplicatesArchivesAndRestoresCourse() {
        choose("Offset weave");
        page.getByLabel("Name of the course").fill("Oil-drum weave");
        button("Save course").click();
        assertThat(page.getByText("Course saved.").first()).isVisible();
        button("Duplicate").click();
        assertThat(page.getByText("Duplicated as it stands here.").first()).isVisible();
        assertThat(page.getByLabel("Name of the course")).hasValue("Oil-drum weave, copy");
        button("Archive").click();
        assertThat(page.getByText("archived. Runs ridden").first()).isVisible();
        assertThat(page.getByLabel("Courses").getByText("Oil-drum weave, copy (archived)"))
                .hasCount(1);
        button("Undo").click();
        assertThat(page.getByLabel("Name of the course")).hasValue("Oil-drum weave, copy");
        button("Archive").click();
        assertThat(page.getByLabel("Courses").getByText("Oil-drum weave, copy (archived)"))
                .hasCount(1);
        page.getByLabel("Courses").selectOption(new SelectOption().setLabel("Oil-drum weave, copy (archived)"));
        assertThat(button("Restore")).isVisible();
        button("Delete").click();
        assertThat(page.getByText("Oil-drum weave, copy is deleted.").first()).isVisible();
    }

    @Test
    void whatIsMeasuredOnTheTurningCircleGoesIntoTheMachine() {
        choose("Turning-circle test");
        assertThat(verdict()).containsText("Fits");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("250 trail"))
                .click();
        Locator circle = page.getByLabel(Pattern.compile("^Circle to the left, upright"));
        circle.fill("4.30 m");
        button("Save to machine").click();
        assertThat(page.getByText("250 trail now turns as measured.").first()).isVisible();
        Object kept = page.evaluate("async () => (await (await fetch('/api/machines')).text()).includes('\"4.30 m\"')");
        assertThat((Boolean) kept).isTrue();
    }

    @Test
    void findsHowTightItCouldGoAndTheClearanceAtEachCone() {
        choose("Straight weave");
        assertThat(verdict()).containsText("Fits");
        page.getByText("How tight could it go?").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Find the least"))
                .first()
                .click();
        assertThat(page.getByRole(AriaRole.LISTITEM)
                        .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^Spacing\\d\\.\\d\\d"))))
                .isVisible();
        page.getByText("Clearance at each cone and line").click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("cone 3").setExact(true))
                .focus();
        assertThat(page.getByLabel("Plan of the course").getByText(Pattern.compile("wheel \\d|point \\d")))
                .isVisible();
    }

    /** Fewer markers than the full edges take: what they allow is said, and laid at one press. */
    @Test
    void laysTheEdgesWithAsManyMarkersAsThereAre() {
        choose("U-turn box");
        Locator spacing = page.getByLabel("Edge spacing", new Page.GetByLabelOptions().setExact(true));
        // A new one has few: corners, and one between.
        assertThat(spacing).hasValue(Pattern.compile("^3\\.75"));
        page.getByText("full, 10").click();
        assertThat(spacing).hasValue(Pattern.compile("^2\\.5"));
        page.getByLabel("Or markers there are").fill("8");
        assertThat(page.getByText("3 fewer along the edges")).isVisible();
        page.getByText("Lay them every").click();
        assertThat(spacing).hasValue(Pattern.compile("^3\\.75"));
        page.getByLabel("Or markers there are").fill("3");
        assertThat(page.getByText("take 4: 1 more")).isVisible();
    }

    @Test
    void drawsCallsAtRandomAndRefusesNonsense() {
        choose("Crossroads");
        assertThat(verdict()).containsText("Fits");
        Locator calls = page.getByLabel(Pattern.compile("^Calls"));
        calls.fill("XYZ");
        assertThat(page.getByText("R right, L left, S straight on, U turn round"))
                .isVisible();
        button("Draw at random").click();
        assertThat(calls).hasValue(Pattern.compile("[RLSUV]{3}"));
    }
}

package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The lesson is planned, changed by hand and by key, checked, and its drills and methods are the instructor's own. */
class LessonIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    private static Locator list(Page page) {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Lesson plan"));
    }

    /** The stations with drills, in their order. */
    private static List<String> drills(Page page) {
        return list(page)
                .locator("li", new Locator.LocatorOptions().setHasText("· drills"))
                .locator("b")
                .allInnerTexts();
    }

    private static Page running() {
        Page page = APP.desk("/lesson");
        list(page).waitFor();
        return page;
    }

    private static Locator block(Page page, String name) {
        return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("The lesson in time"))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name + " \\d+ min.*Drills$")))
                .first();
    }

    /** A first lesson is open ground, one course and open ground again; undone, the plan is as it was. */
    @Test
    void beginsFromAKindOfLessonAndGoesBack() {
        Page page = running();
        List<String> before = drills(page);
        page.getByLabel("Begin from").selectOption("FIRST");
        Locator blocks = list(page).locator("li", new Locator.LocatorOptions().setHasText("· drills"));
        assertThat(blocks).hasCount(3);
        assertThat(blocks.first()).containsText("Open ground");
        assertThat(blocks.last()).containsText("Open ground");
        App.press(page, "Undo");
        assertThat(blocks).hasCount(before.size());
        assertThat(drills(page)).isEqualTo(before);

        Locator method = page.getByLabel("Riding method");
        method.selectOption(new SelectOption().setLabel("Drag"));
        assertThat(method).hasValue("DRAG");
        App.press(page, "Undo");
        assertThat(method).hasValue("");
        page.close();
    }

    /** A block on nested cones says what stands, and who rides which of it. */
    @Test
    void aBlockSaysWhatStandsAndWhoRidesWhich() {
        Page page = running();
        block(page, "Slipway box").click();
        Locator chosen = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The chosen block"));
        assertThat(chosen).containsText(Pattern.compile("Set up at a 8\\.70.m · b 6\\.70.m · c 4\\.30.m"));
        assertThat(chosen.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Ines Corvell")))
                .containsText("a 8.70");
        page.close();
    }

    @Test
    void aBlockIsFixedARiderDropsOutAndEverythingElseIsPlannedAnew() {
        Page page = running();
        block(page, "Bollard weave").click();
        App.press(page, "Fix its length");
        assertThat(App.button(page, "Free its length")).isVisible();
        String fixed = block(page, "Bollard weave").innerText();
        Locator row = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Riders"))
                .locator("li")
                .filter(new Locator.FilterOptions().setHasText("Tomas Ekvik"));
        String before = row.locator(".figures").innerText();
        App.press(page, "Not here: Marek Dunlin");
        assertThat(App.button(page, "Here after all: Marek Dunlin")).isVisible();
        assertThat(row.locator(".figures")).not().hasText(before);
        assertThat(block(page, "Bollard weave").innerText()).isEqualTo(fixed);
        App.press(page, "Undo");
        assertThat(App.button(page, "Not here: Marek Dunlin")).isVisible();
        assertThat(row.locator(".figures")).hasText(before);
        App.press(page, "Redo");
        assertThat(App.button(page, "Here after all: Marek Dunlin")).isVisible();
        page.reload();
        assertThat(App.button(page, "Here after all: Marek Dunlin")).isVisible();
        App.press(page, "Here after all: Marek Dunlin");
        App.press(page, "Let the app choose");
        assertThat(App.button(page, "Let the app choose")).hasCount(0);
    }

    @Test
    void blocksAreMovedByKeyAndLengthenedByDragging() {
        Page page = running();
        List<String> order = drills(page);
        Locator last = block(page, order.get(1));
        last.focus();
        page.keyboard().press("Alt+ArrowLeft");
        assertThat(list(page)
                        .locator("li", new Locator.LocatorOptions().setHasText("· drills"))
                        .locator("b")
                        .first())
                .hasText(order.get(1));
        Locator first = block(page, order.get(1));
        int minutes = minutes(first);
        BoundingBox box = first.boundingBox();
        BoundingBox strip = first.locator("xpath=../..").boundingBox();
        double edge = box.x + box.width + 1;
        page.mouse().move(edge, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(edge + strip.width * 12 / 150, box.y + box.height / 2);
        page.mouse().up();
        assertThat(first).containsText("fixed");
        assertThat(minutes(first)).isGreaterThan(minutes);
        App.press(page, "Let the app choose");
        assertThat(App.button(page, "Let the app choose")).hasCount(0);
        assertThat(drills(page)).isEqualTo(order);
    }

    private static int minutes(Locator block) {
        return Integer.parseInt(block.innerText().replaceAll("(?s).*?(\\d+) min.*", "$1"));
    }

    @Test
    void aWishThatBreaksARuleIsMarkedWhereItBreaks() {
        Page page = running();
        App.fill(page, "Length, min", "60");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Length, min")).hasValue("60");
        page.getByLabel("Add a station").selectOption(new SelectOption().setLabel("Slipway box"));
        page.getByLabel("Add a station").selectOption(new SelectOption().setLabel("Bollard weave"));
        assertThat(page.getByText(Pattern.compile("This takes \\d+ min and there are 60")))
                .isVisible();
        Locator longer = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Make it \\d+ min")));
        // While the second station is being stored it cannot be pressed.
        assertThat(longer).isEnabled();
        // Read and pressed at once: what is said is put right when more is known of the riders.
        String said =
                (String) longer.evaluate("button => { const said = button.innerText; button.click(); return said; }");
        String minutes = said.replaceAll("\\D", "");
        assertThat(page.getByLabel("Length, min")).hasValue(minutes);
        assertThat(page.getByText("What would do:")).hasCount(0);
        App.press(page, "Undo");
        App.press(page, "Undo");
        App.press(page, "Undo");
        App.press(page, "Undo");
        assertThat(page.getByLabel("Length, min")).hasValue("150");
    }

    @Test
    void theCheckIsTickedAndStandsOnEveryStopUntilThen() {
        Page page = APP.desk("/today");
        Locator label = page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Safety check: \\d+ open")));
        String before = label.innerText();
        label.click();
        Locator first = page.getByRole(AriaRole.CHECKBOX).first();
        assertThat(first).isDisabled();
        App.fill(page, "Checked by", "Wilma Stander");
        first.click();
        assertThat(first).isChecked();
        assertThat(page.getByText("Seen to · Wilma Stander")).isVisible();
        assertThat(label).not().hasText(before);
        page.getByLabel(Pattern.compile("^Skip the")).fill("Done with the other group");
        App.press(page, "Skip");
        assertThat(label).hasCount(0);
        assertThat(page.getByText("Skipped: Done with the other group").first()).isVisible();
    }

    @Test
    void whatARiderHasShownOpensWhatRestsOnIt() {
        Page page = APP.desk("/lesson/drills/upright-and-leaned?rider=1");
        App.press(page, "Mark as mastered: Ines Corvell");
        assertThat(App.button(page, "Undo: Ines Corvell")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Spiral in and catch it"))
                .first()
                .click();
        assertThat(page.getByRole(AriaRole.ARTICLE).getByText("next", new Locator.GetByTextOptions().setExact(true)))
                .isVisible();
        page.goBack();
        App.press(page, "Undo: Ines Corvell");
        assertThat(App.button(page, "Mark as mastered: Ines Corvell")).isVisible();
    }

    @Test
    void aDrillOfOnesOwnIsMadeLeftOutAndTakenAway() {
        Page page = APP.desk("/lesson/drills/big-circle");
        App.press(page, "Duplicate");
        App.fill(page, "Name", "Circle round the bollard");
        App.fill(page, "Cue, at most five words", "one two three four five six");
        App.press(page, "Save drill");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("one to five words");
        App.fill(page, "Cue, at most five words", "Round the iron");
        App.press(page, "Save drill");
        assertThat(page).hasURL(Pattern.compile("/lesson/drills/circle-round-the-bollard"));
        assertThat(page.getByText("“Round the iron”")).isVisible();
        App.press(page, "Hide");
        assertThat(App.button(page, "Show in lists")).isVisible();
        App.press(page, "Delete");
        assertThat(page).hasURL(Pattern.compile("/lesson/drills$"));
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Circle round the bollard")))
                .hasCount(0);
    }

    @Test
    void aShippedDrillIsChangedAndRestored() {
        Page page = APP.desk("/lesson/drills/swerve");
        App.press(page, "Change");
        App.fill(page, "Cue, at most five words", "Push and wait");
        App.press(page, "Save drill");
        assertThat(page.getByText("“Push and wait”")).isVisible();
        App.press(page, "Restore");
        assertThat(page.getByText("“Push, pass, push”")).isVisible();
        assertThat(App.button(page, "Restore")).hasCount(0);
    }

    @Test
    void anotherMethodSaysWhatItChangesAndAChoiceIsKept() {
        Page page = APP.desk("/lesson/methods");
        Locator changes =
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What another method changes"));
        assertThat(changes).containsText("Steps the other way round");
        page.getByLabel("To", new Page.GetByLabelOptions().setExact(true))
                .selectOption(new SelectOption().setLabel("Loose ground"));
        assertThat(changes).containsText("U-turn the loose-ground way");
        Locator ahead =
                page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Two cones ahead in a curve"));
        ahead.click();
        assertThat(ahead).isChecked();
        page.reload();
        assertThat(ahead).isChecked();
        App.choose(page, "At the far end");
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("At the far end")))
                .isChecked();
    }

    /** The order, cards and cues as they are printed, on either paper. */
    @Test
    void theLessonIsTakenAwayOnPaper() throws IOException {
        Page page = running();
        String a4 = App.takenAway(page, "PDF, A4");
        String letter = App.takenAway(page, "PDF, Letter");
        assertThat(a4).startsWith("%PDF");
        assertThat(letter).startsWith("%PDF").isNotEqualTo(a4);
        page.close();
    }
}

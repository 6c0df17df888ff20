package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static wrenlane.e2e.App.button;
import static wrenlane.e2e.App.fill;
import static wrenlane.e2e.App.press;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Progress, goal, group, homework and records, as an instructor goes through them. */
class ProgressIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    private static Locator region(Page page, String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator heading(Page page, String name) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
    }

    /** Kind and scale live in the address; the chart is read as a table, by keyboard. */
    @Test
    void theChartIsReadAsATableByKeyboard() {
        Page page = APP.desk("/progress/2");
        App.choose(page, "difficulty");
        page.waitForURL("**scale=difficulty**");
        page.reload();
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("difficulty")))
                .isChecked();
        page.getByText("Every run as a table").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName("Outcome")))
                .isVisible();
    }

    /** Brigid came over from one machine to another: both are there with their lessons. */
    @Test
    void theMachinesRiddenAreThereWithTheirHours() {
        Page page = APP.desk("/progress/3");
        page.getByText("Machines ridden, hours and notes").click();
        Locator twin = page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("300 twin"));
        assertThat(twin).containsText("3");
        assertThat(twin).containsText("of 36");
        assertThat(page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("Touring 850")))
                .containsText("of 12");
    }

    @Test
    void twoDaysAreComparedSideBySide() {
        Page page = APP.desk("/progress/2");
        page.getByText("Compare two days").click();
        Locator change = page.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName("Change"));
        assertThat(change).isVisible();
        Locator right = page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("right"));
        assertThat(right.first()).containsText(", then ");
        assertThat(right.first()).not().containsText("too few runs");
        page.getByLabel("Another day").selectOption(new SelectOption().setIndex(0));
        assertThat(right.first()).containsText("too few runs");
    }

    @Test
    void aGoalIsSetAndSaysHowFarOffItIs() {
        Page page = APP.desk("/progress/3");
        Locator goal = region(page, "Goal");
        press(page, "Set a goal");
        fill(page, "What it is", "The street at home");
        fill(page, "Width", "5.2 m");
        page.getByLabel("On", new Page.GetByLabelOptions().setExact(true)).selectOption("Touring 850");
        press(page, "Keep goal");
        assertThat(goal).containsText("The street at home");
        assertThat(goal).containsText("5.20 m, Touring 850, difficulty");
        assertThat(goal).containsText("off.");
        page.reload();
        assertThat(goal).containsText("The street at home");
        press(page, "Change the goal");
        fill(page, "Wanted by, if a day is set", LocalDate.now().plusDays(24).toString());
        fill(page, "Days between lessons", "4,5");
        assertThat(button(page, "Keep goal")).isDisabled();
        fill(page, "Days between lessons", "99");
        press(page, "Keep goal");
        assertThat(page.getByText("From one lesson to the next must be between 1 and 60 days")
                        .first())
                .isVisible();
        fill(page, "Days between lessons", "5");
        press(page, "Keep goal");
        Locator lessons = goal.getByRole(AriaRole.LISTITEM);
        assertThat(goal).containsText("lessons until then");
        assertThat(goal).containsText("The goal asks for");
        assertThat(lessons.last()).containsText("clean at 5.20 m");
        lessons.getByRole(AriaRole.LINK).first().click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Drills"))
                        .first())
                .isVisible();
        page.goBack();
        press(page, "Change the goal");
        press(page, "Delete goal");
        assertThat(button(page, "Set a goal")).isVisible();
    }

    @Test
    void theGroupStandsSideBySideAndTheNextLessonIsPlannedFromIt() {
        Page page = APP.desk("/progress/group?day=5");
        Locator table = region(page, "Riders by course");
        assertThat(table).containsText("Next time, for most");
        assertThat(table).containsText("% at");
        fill(page, "Date", "2026-12-04");
        fill(page, "Title", "The lesson after");
        press(page, "Plan the next lesson with these");
        assertThat(heading(page, "The lesson after")).isVisible();
        assertThat(page.getByText("Ines Corvell").first()).isVisible();
    }

    @Test
    void whatIsAimedAtIsChosenUnderMethods() {
        Page page = APP.desk("/lesson/methods");
        App.choose(page, "90");
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("90")))
                .isChecked();
        page.navigate(APP.address() + "/progress/group?day=5");
        assertThat(page.getByText("a chance nearest to 90 %")).isVisible();
        page.navigate(APP.address() + "/lesson/methods");
        App.choose(page, "75");
        assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("75")))
                .isChecked();
    }

    @Test
    void aDebriefHasPracticeToTakeHome() {
        Page page = APP.desk("/progress/debrief?day=4");
        Locator ines = region(page, "Ines Corvell");
        ines.getByText("To practise alone").click();
        assertThat(ines).containsText("5 minutes");
        assertThat(ines).containsText("Stop at once at:");
        assertThat(ines).containsText("Never alone without a phone");
    }

    /** What holds a rider back is said with what it costs; the table of causes is put right, and speaks of the rider anew. */
    @Test
    void aCauseIsPutRightAndSaysSoOfRiders() {
        Page page = APP.desk("/progress/3");
        Locator held = region(page, "What holds them back");
        assertThat(held).containsText("Line crossed to the left: 3 of 4 with head late.");
        assertThat(held).containsText("Likely: the head goes late");
        assertThat(held).containsText("turned in half a second late costs");
        held.getByText("Likely").first().click();
        press(page, "Change: the head goes late, or not far enough");
        fill(page, "Likely from", "the gaze stays on the kerb");
        fill(page, "Cue, at most five words", "look where you want to be");
        press(page, "Save cause");
        assertThat(page.getByText("one to five words").first()).isVisible();
        assertThat(page.getByLabel("Likely from")).hasValue("the gaze stays on the kerb");
        fill(page, "Cue, at most five words", "over your shoulder");
        page.keyboard().press("Enter");
        assertThat(page.getByText("“over your shoulder”")).isVisible();
        page.navigate(APP.address() + "/progress/3");
        assertThat(held).containsText("Likely: the gaze stays on the kerb. Say “over your shoulder”");
        page.navigate(APP.address() + "/lesson/causes");
        press(page, "Put the table back as it came");
        assertThat(button(page, "Change: the head goes late, or not far enough"))
                .isVisible();
    }

    /** What the instructor holds is kept beside it, goes into the debrief, and is asked for before it is lost. */
    @Test
    void whatTheInstructorHoldsIsKeptAndTold() {
        Page page = APP.desk("/progress/5");
        press(page, "Add your view");
        fill(page, "What is behind it, in your words", "tired after work");
        page.getByText("Debrief").first().click();
        press(page, "Stay");
        press(page, "Save");
        assertThat(page.getByText("You say: tired after work")).isVisible();
        page.navigate(APP.address() + "/progress/debrief?day=4");
        assertThat(region(page, "Marek Dunlin")).containsText("Likely: tired after work.");
        page.navigate(APP.address() + "/progress/5");
        press(page, "Edit your view");
        fill(page, "What is behind it, in your words", "");
        press(page, "Delete");
        assertThat(button(page, "Add your view")).isVisible();
    }

    /** What a rider tells of their practice is logged, listed, and taken away again. */
    @Test
    void practiceAloneIsLoggedAsItIsTold() {
        Page page = APP.desk("/progress/3");
        Locator practised = region(page, "Practised alone");
        press(page, "Log practice alone");
        fill(page, "Width", "7,2 m");
        fill(page, "Left, clean", "5");
        fill(page, "Left, of runs", "4");
        assertThat(button(page, "Log it")).isDisabled();
        fill(page, "Left, of runs", "6");
        fill(page, "Note", "behind the boathouse");
        press(page, "Log it");
        assertThat(button(page, "Log practice alone")).isVisible();
        assertThat(practised).containsText("10 min, Touring 850");
        assertThat(practised).containsText("7.20 m: left 5 of 6 clean");
        assertThat(practised).containsText("behind the boathouse");
        practised.getByText("Delete").click();
        assertThat(practised).containsText("three such runs count as one");
    }

    private static FilePayload table(String text) {
        return new FilePayload("club.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void runsComeInFromATableOnceItsColumnsAreMappedAndNothingIsWrong() {
        Page page = APP.desk("/range/files?day=5");
        Locator bring = region(page, "Import runs");
        Locator file = bring.locator("input[type=file]");
        file.setInputFiles(
                table("when;rider;course;side;width;result\n03.11.2026;Nobody Known;Slipway box;left;7,2;clean\n"));
        assertThat(bring).containsText("No column says the date: choose which one does.");
        page.getByLabel("Date", new Page.GetByLabelOptions().setExact(true)).selectOption("when");
        assertThat(bring).containsText("line 2: There is no rider called “Nobody Known”");
        file.setInputFiles(
                table("date;rider;course;side;width;result\n03.11.2026;Sol Hatherby;Slipway box;left;7,2;clean\n"));
        assertThat(bring).containsText("1 run of 1 line would come in; 1 day would be made.");
        press(page, "Import");
        assertThat(page.getByText("1 run imported.").first()).isVisible();
        file.setInputFiles(
                table("date;rider;course;side;width;result\n03.11.2026;Sol Hatherby;Slipway box;left;7,2;clean\n"));
        assertThat(bring).containsText("0 runs of 1 line would come in; 1 run came in before.");
    }

    /** Somebody nothing is kept of can be made anew, so nothing is asked and there is a way back. */
    @Test
    void aRiderWithoutRecordsIsDeletedAndBroughtBack() {
        Page page = APP.desk("/riders/new?day=5");
        App.fill(page, "Name", "Wrong Spelling");
        page.getByRole(AriaRole.CHECKBOX).uncheck();
        press(page, "Save rider");
        Locator records = region(page, "Records");
        assertThat(records).containsText("only the description");
        press(page, "Delete");
        assertThat(page.getByText("Wrong Spelling is deleted.").first()).isVisible();
        assertThat(page.getByText("Wrong Spelling", new Page.GetByTextOptions().setExact(true)))
                .hasCount(0);
        press(page, "Undo");
        assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Wrong Spelling");
        assertThat(records).containsText("only the description");
        press(page, "Delete");
        assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .not()
                .hasValue("Wrong Spelling");
    }

    /** What is deleted for ever is asked for first, with what goes and what remains. */
    @Test
    void aRiderIsPutAwayAndDeletedForEver() {
        Page page = APP.desk("/riders/7?day=5");
        Locator records = region(page, "Records");
        assertThat(records).containsText("runs");
        press(page, "Archive");
        assertThat(button(page, "Restore")).isVisible();
        press(page, "Undo");
        assertThat(button(page, "Archive")).isVisible();
        press(page, "Delete for ever…");
        assertThat(records).containsText("It cannot be undone");
        assertThat(records).containsText("What remains: copies of your data made before");
        String name = page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true))
                .inputValue();
        press(page, "Keep them");
        assertThat(button(page, "Delete for ever…")).isVisible();
        press(page, "Delete for ever…");
        press(page, "Delete for ever");
        assertThat(page.getByText("Deleted, with all records.").first()).isVisible();
        page.navigate(APP.address() + "/riders");
        assertThat(page.getByRole(AriaRole.LISTITEM).first()).isVisible();
        assertThat(page.getByText(name)).hasCount(0);
    }
}

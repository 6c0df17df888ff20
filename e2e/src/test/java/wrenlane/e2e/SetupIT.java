package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wrenlane.e2e.App.button;
import static wrenlane.e2e.App.choose;
import static wrenlane.e2e.App.fill;
import static wrenlane.e2e.App.press;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The cones are set out, and one course becomes the next. */
class SetupIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    private static Locator rows(Page page) {
        return page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Tape figures"))
                .getByRole(AriaRole.ROW);
    }

    @Test
    void setsOutByTwoTapesInTheOrderOfLeastWalking() {
        Page page = APP.desk("/setup");
        assertThat(page.getByText("Placed with the least walking")).containsText("min, an estimate");
        choose(page, "Two tapes");
        assertThat(page.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName("From P")))
                .isVisible();
        assertThat(page.getByText("Chalk two marks")).containsText("apart");
        choose(page, "Least walking");
        assertThat(rows(page)).hasCount(20);
        assertThat(rows(page).nth(1)).containsText(Pattern.compile("A.*m.*m.*0\\.0\\d"));
        page.close();
    }

    @Test
    void setsOutFromAKerbInPacesAndBaysAndSaysHowGoodThatIs() {
        Page page = APP.desk("/setup");
        page.getByLabel("Measure from").selectOption(new SelectOption().setLabel("quay kerb AB, from A"));
        assertThat(page.getByText("Lay the tape along the quay kerb AB, from A"))
                .isVisible();
        choose(page, "Paces");
        assertThat(rows(page).nth(1)).containsText("paces");
        page.getByLabel("Measure from").selectOption(new SelectOption().setLabel("the row of 8 bays"));
        choose(page, "Bays");
        assertThat(rows(page).nth(1)).containsText("bays +");
        Locator good = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("How good must it be"));
        assertThat(good.getByRole(AriaRole.TABLE)).hasCount(0);
        good.getByText("How good must it be for").click();
        assertThat(good).containsText(Pattern.compile("tape down to \\d\\.\\d+.m.*paces down to"));
        page.close();
    }

    @Test
    void setsARingOutFromItsCentre() {
        Page page = APP.desk("/setup/4");
        choose(page, "Centre and radius");
        assertThat(page.getByText("Chalk centre 1")).isVisible();
        assertThat(rows(page).nth(2)).containsText(Pattern.compile("From centre 1 .*From R1"));
        assertThat(page.getByText("Ring 1 closes with")).isVisible();
        page.close();
    }

    @Test
    void changesOverToTheNextCourseAndBackToNothing() {
        Page page = APP.desk("/setup");
        Locator to = page.getByLabel("To the course");
        to.selectOption(new SelectOption().setLabel("Bollard weave"));
        Locator change = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Change over"));
        assertThat(change.getByText("to walk and")).isVisible();
        assertThat(change.getByRole(AriaRole.LISTITEM).first()).isVisible();
        assertThat(page).hasURL(Pattern.compile("[?&]to=\\d+"));
        int stops = change.getByRole(AriaRole.LISTITEM).count();
        fill(page, "Cones in hand at most", "1");
        // One by one, each of them is put on the stack or taken from it on its way.
        assertThat(change.getByText("At the datum").nth(5)).isVisible();
        assertTrue(change.getByRole(AriaRole.LISTITEM).count() > stops);
        fill(page, "Cones in hand at most", "12");
        page.reload();
        assertThat(change.getByText("Pick up tall cone").first()).isVisible();
        to.selectOption(new SelectOption().setIndex(5));
        assertThat(change.getByText("Stay:")).isVisible();
        assertThat(page).hasURL(Pattern.compile("[?&]to=size"));
        to.selectOption(new SelectOption().setLabel("choose the next one"));
        assertThat(change.getByText("to walk and")).hasCount(0);
        page.close();
    }

    @Test
    void putsTheDaysCoursesInTheOrderOfLeastWalking() {
        Page page = APP.desk("/setup");
        Locator order = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Order of the day"));
        assertThat(order).containsText("Least walking");
        order.getByLabel("Bollard weave").check();
        order.getByLabel("Two turntables").check();
        assertThat(order).containsText(Pattern.compile("Bollard weave.*Two turntables.*About"));
        page.close();
    }

    @Test
    void ticksConesOffOnAPhoneOneAtATimeAndFindsThemTickedAgain() {
        Page phone = APP.phone("/setup");
        choose(phone, "Least walking");
        press(phone, "One cone at a time");
        assertThat(phone.getByText("0 of 19 stand")).isVisible();
        press(phone, "A stands");
        assertThat(phone.getByText("1 of 19 stand")).isVisible();
        phone.reload();
        assertThat(phone.getByText("1 of 19 stand")).isVisible();
        for (int i = 0; i < 18; i++) {
            phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(" stands$")))
                    .click();
        }
        assertThat(phone.getByText("All 19 stand")).isVisible();
        assertThat(phone.getByText("A to Ca: ")).isVisible();
        press(phone, "Back to the sheet");
        assertThat(phone.getByLabel("A stands", new Page.GetByLabelOptions().setExact(true)))
                .isChecked();
        assertThat(button(phone, "One cone at a time")).isVisible();
        phone.close();
    }

    /** Of the demo's three widths each lies in its own; the two within change places, and the sheet with them. */
    @Test
    void eachSettingLiesInAMarkerOfItsOwn() {
        Page page = APP.desk("/setup/1");
        Locator db = rows(page).filter(new Locator.FilterOptions().setHasText("Db"));
        Locator dc = rows(page).filter(new Locator.FilterOptions().setHasText("Dc"));
        assertThat(db).containsText("yellow disc");
        assertThat(dc).containsText("half ball");
        page.getByLabel("Setting b lies in").selectOption(new SelectOption().setLabel("half balls"));
        assertThat(db).containsText("half ball");
        assertThat(dc).containsText("yellow disc");
        page.getByLabel("Setting b lies in").selectOption(new SelectOption().setLabel("the same as a"));
        assertThat(dc).containsText("flat marker");
        // What is owned is proposed, and laid at a press.
        Locator stands = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Sizes on the ground"));
        assertThat(stands).containsText("From what you own: b half balls, c yellow discs");
        press(page, "Lay these");
        assertThat(db).containsText("half ball");
        assertThat(dc).containsText("yellow disc");
        assertThat(stands).containsText(Pattern.compile("takes 3 of \\d+"));
        page.close();
    }

    /** What stands is changed in one act: what serves most is proposed, and what cannot stand is said and kept back. */
    @Test
    void changesWhatStandsAndSaysWhoRidesWhich() {
        Page page = APP.desk("/setup/2");
        Locator stands = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Sizes on the ground"));
        assertThat(stands).containsText("6.40");
        Locator who = stands.getByRole(AriaRole.LIST, new Locator.GetByRoleOptions().setName("Who rides which"));
        assertThat(who).containsText("too tight");
        press(page, "Change sizes");
        press(page, "Take this");
        assertThat(who).not().containsText("too tight");
        App.fill(page, "Setting b", "9.5 m");
        assertThat(stands.getByRole(AriaRole.ALERT)).containsText("cannot be told apart");
        assertThat(button(page, "Save sizes")).isDisabled();
        press(page, "Take this");
        page.waitForResponse(r -> r.request().method().equals("PUT") && r.ok(), () -> press(page, "Save sizes"));
        assertThat(stands).containsText(Pattern.compile("Sizes on the grounda 9\\.60.m · b 6\\.70.m · c 4\\.30.m"));
        assertThat(rows(page).filter(new Locator.FilterOptions().setHasText("Dc")))
                .hasCount(1);
        page.reload();
        assertThat(stands).containsText(Pattern.compile("Sizes on the grounda 9\\.60.m · b 6\\.70.m · c 4\\.30.m"));
        page.close();
    }

    @Test
    void takesTheSheetAwayAsPdfAndInOpenFormats() throws IOException {
        Page page = APP.desk("/setup");
        String[][] files = {{"PDF, A4", "%PDF"}, {"CSV", "label,"}, {"SVG", "<?xml"}, {"DXF", "  0"}};
        for (String[] file : files) {
            assertTrue(App.takenAway(page, file[0]).startsWith(file[1]), file[0]);
        }
        page.close();
    }
}

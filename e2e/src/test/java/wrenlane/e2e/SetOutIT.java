package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** From the plan to cones on the ground, and from one course to the next. */
class SetOutIT {
    private static RunningServer server;
    private static Chromium chromium;

    @BeforeAll
    static void open() throws IOException {
        server = RunningServer.withDemoDay();
        chromium = new Chromium();
    }

    @AfterAll
    static void close() throws IOException {
        chromium.close();
        server.close();
    }

    private static void choose(Page page, String name) {
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(name))
                .click();
    }

    @Test
    void setsOutByTwoTapesInTheOrderOfLeastWalking() {
        Page page = chromium.desk();
        page.navigate(server.address() + "/set-out");
        assertThat(page.getByText("Placed with the least walking")).containsText("min, an estimate");
        choose(page, "Two tapes");
        assertThat(page.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName("From P")))
                .isVisible();
        assertThat(page.getByText("Chalk two marks")).containsText("apart");
        choose(page, "Least walking");
        Locator rows = page.getByRole(AriaRole.ROW);
        assertThat(rows).hasCount(11);
        assertThat(rows.nth(1)).containsText(Pattern.compile("A.*m.*m.*0\\.0\\d"));
        page.close();
    }

    @Test
    void changesOverToTheNextCourseAndBackToNothing() {
        Page page = chromium.desk();
        page.navigate(server.address() + "/set-out");
        Locator to = page.getByLabel("To the course");
        to.selectOption(new SelectOption().setLabel("Bollard weave"));
        Locator change = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Change over"));
        assertThat(change.getByText("to walk and")).isVisible();
        assertThat(change.getByRole(AriaRole.LISTITEM).first()).isVisible();
        assertThat(page).hasURL(Pattern.compile("[?&]to=\\d+"));
        page.reload();
        assertThat(change.getByText("Pick up tall cone").first()).isVisible();
        to.selectOption(new SelectOption().setLabel("choose the next one"));
        assertThat(change.getByText("to walk and")).hasCount(0);
        page.close();
    }

    @Test
    void ticksConesOffOnAPhone() {
        Page phone = chromium.phone();
        phone.navigate(server.address() + "/set-out");
        Locator first = phone.getByLabel("A stands");
        first.check();
        choose(phone, "Least walking");
        assertThat(first).isChecked();
        phone.close();
    }
}

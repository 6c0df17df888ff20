package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every page: nothing serious for axe on paper and in sun, no sideways scroll, reached by keyboard. */
class EveryPageIT {
    private static final Set<String> SERIOUS = Set.of("serious", "critical");

    @RegisterExtension
    static final App APP = App.withDemoDay();

    private static Page at(Page page, String address) {
        page.navigate(APP.address() + address);
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1))
                .first()
                .waitFor();
        page.waitForFunction(
                "() => !document.body.innerText.includes('One moment') && !document.body.innerText.includes('Calculating')");
        return page;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/today",
                "/today?day=new",
                "/yard",
                "/machines/4",
                "/machines/new",
                "/riders",
                "/course",
                "/course/new",
                "/set-out",
                "/lesson",
                "/lesson/check",
                "/lesson/drills/u-turn-rolling",
                "/lesson/methods",
                "/lesson/causes",
                "/range/2",
                "/progress/2",
                "/progress/debrief?day=4",
                "/progress/group",
                "/range/files",
                "/range/log?day=4",
                "/phone",
                "/nowhere"
            })
    void hasNothingSeriousForAxe(String address) {
        Page page = APP.chromium().desk();
        assertThat(serious(at(page, address))).isEmpty();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Light: paper"))
                .click();
        assertThat(serious(page)).isEmpty();
        page.context().close();
    }

    private static List<String> serious(Page page) {
        return new AxeBuilder(page)
                .analyze().getViolations().stream()
                        .filter(r -> SERIOUS.contains(r.getImpact()))
                        .map(EveryPageIT::said)
                        .toList();
    }

    private static String said(Rule rule) {
        return rule.getId() + ": " + rule.getNodes().get(0).getHtml();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/today",
                "/yard",
                "/machines/4",
                "/riders",
                "/course",
                "/set-out",
                "/lesson",
                "/lesson/check",
                "/lesson/drills/u-turn-rolling",
                "/lesson/methods",
                "/lesson/causes",
                "/range/2",
                "/progress/2",
                "/progress/debrief?day=4",
                "/progress/group",
                "/range/files",
                "/range/log?day=4",
                "/phone"
            })
    void fitsAPhoneWithoutScrollingSideways(String address) {
        Page page = at(APP.chromium().phone(), address);
        assertThat((Boolean) page.evaluate("() => document.documentElement.scrollWidth <= window.innerWidth"))
                .as(address)
                .isTrue();
        page.context().close();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/today",
                "/today?day=new",
                "/yard",
                "/yard?view=courses",
                "/machines/4",
                "/course",
                "/course/3",
                "/set-out",
                "/lesson",
                "/lesson/check",
                "/lesson/drills/u-turn-rolling",
                "/lesson/methods",
                "/range/2",
                "/progress/2",
                "/progress/debrief?day=4",
                "/progress/group",
                "/range/log?day=4"
            })
    void saysNoMetresToWhoeverReadsFeet(String address) {
        Page page = APP.chromium().desk();
        InFeet.chosen(page);
        assertThat(InFeet.metresAlone(at(page, address))).isEmpty();
        page.context().close();
    }

    /** What looks for metres finds them where they are read. */
    @Test
    void saysMetresToWhoeverReadsThem() {
        assertThat(InFeet.metresAlone(at(APP.chromium().desk(), "/set-out"))).isNotEmpty();
    }

    @Test
    void everythingNeededForARunIsReachedByKeyboardAlone() {
        Page page = at(APP.chromium().desk(), "/today");
        page.keyboard().press("7");
        page.getByText("No runs yet", new Page.GetByTextOptions().setExact(true))
                .waitFor();
        page.keyboard().press("n");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText("Tomas Ekvik");
        page.getByText("No runs yet", new Page.GetByTextOptions().setExact(true))
                .waitFor();
        page.keyboard().press("]");
        page.keyboard().press("d");
        page.keyboard().press("Enter");
        assertThat(page.getByText("A drop. Rest")).isVisible();
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Keys")))
                .isVisible();
        page.context().close();
    }

    @Test
    void tabReachesEveryControlOfTheCoursePage() {
        Page page = at(APP.chromium().desk(), "/course");
        page.getByText("How tight could it go?").waitFor();
        page.getByText("This rider needs").waitFor();
        int controls = (Integer)
                page.evaluate(
                        "() => [...document.querySelectorAll('main button:not(:disabled), main input, main select, main [role=slider]')].filter(e => !e.closest('details:not([open])')).length");
        page.evaluate(
                "() => { window.reached = new Set(); document.addEventListener('focusin', e => window.reached.add(e.target)); }");
        for (int i = 0; i < controls + 30; i++) {
            page.keyboard().press("Tab");
        }
        int reached = (Integer) page.evaluate("() => [...window.reached].filter(e => e.closest('main')).length");
        // A group of toggles is one stop of the Tab key: the arrows go on inside it.
        int inGroups = (Integer)
                page.evaluate(
                        "() => document.querySelectorAll('main [role=radio]').length - document.querySelectorAll('main [role=radiogroup], main [role=group]:has([role=radio])').length");
        assertThat(reached).isGreaterThanOrEqualTo(controls - inGroups);
        page.context().close();
    }
}

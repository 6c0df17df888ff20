package wrenlane.e2e;

import static wrenlane.e2e.App.button;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.file.Path;
import java.util.regex.Pattern;

/** Makes the pictures of {@code docs/screenshots} from the demo day. */
public final class Screenshots {
    private final RunningServer server;
    private final Chromium chromium;
    private final Path folder;

    private Screenshots(RunningServer server, Chromium chromium, Path folder) {
        this.server = server;
        this.chromium = chromium;
        this.folder = folder;
    }

    /** Makes them all; the first argument, if any, is another folder. */
    public static void main(String[] args) throws IOException {
        Path folder = args.length > 0 ? Path.of(args[0]) : BuiltApp.root().resolve("docs/screenshots");
        try (RunningServer server = new RunningServer(true, false);
                Chromium chromium = new Chromium()) {
            new Screenshots(server, chromium, folder).takeAll();
        }
    }

    private void takeAll() {
        Page desk = chromium.desk();
        take(desk, "/today", "today");
        take(desk, "/yard", "yard");
        desk.navigate(server.address() + "/yard?view=courses");
        desk.getByText("Nothing overlaps, run-outs are clear").waitFor();
        shoot(desk, "yard-courses");
        take(desk, "/machines/4", "machines");
        take(desk, "/riders", "riders");
        take(desk, "/course", "course");
        tight(desk);
        kind(desk, "Straight weave", "course-weave");
        take(desk, "/setup", "setup");
        desk.navigate(server.address() + "/setup");
        desk.getByLabel("To the course").selectOption(new SelectOption().setLabel("Bollard weave"));
        desk.locator("[aria-label='Change over'] ol li").first().waitFor();
        desk.evaluate("() => document.querySelector('[aria-label=\"Change over\"]').scrollIntoView()");
        shoot(desk, "changeover");
        take(desk, "/lesson", "lesson");
        take(desk, "/lesson/drills?rider=3", "drills");
        take(desk, "/progress/2", "progress");
        take(desk, "/progress/group", "group");
        desk.navigate(server.address() + "/progress/debrief?day=4");
        desk.getByText("To practise alone").first().click();
        shoot(desk, "debrief");
        Page phone = chromium.phone();
        take(phone, "/setup?one=1", "setup-phone");
        range(phone);
        Page sun = chromium.desk();
        sun.navigate(server.address() + "/course");
        sun.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Light: paper"))
                .click();
        take(sun, "/course", "course-sun");
    }

    private void tight(Page page) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Touring 850"))
                .click();
        Locator width = page.getByLabel("Width", new Page.GetByLabelOptions().setExact(true));
        width.fill("4.2 m");
        page.getByText("too tight by").waitFor();
        page.getByText("This rider needs").waitFor();
        page.waitForFunction("() => !document.querySelector('aside .opacity-50')");
        page.evaluate("() => window.scrollTo(0, 0)");
        shoot(page, "course-too-tight");
    }

    /** A new course of a kind, the machine some way along its line; before the first, the drawings to choose from. */
    private void kind(Page page, String kind, String name) {
        page.navigate(server.address() + "/course/new");
        Locator kinds = page.getByLabel("Kinds of course");
        kinds.waitFor();
        page.getByText("This rider needs").waitFor();
        shoot(page, "course-kinds");
        kinds.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(kind))
                .first()
                .click();
        page.locator("button[aria-expanded=true]").first().click();
        page.getByText("This rider needs").waitFor();
        page.waitForFunction("() => !document.querySelector('aside .opacity-50')");
        Locator thumb = page.getByLabel("Run the machine along the line");
        thumb.focus();
        for (int i = 0; i < 10; i++) {
            page.keyboard().press("PageUp");
        }
        page.evaluate("() => window.scrollTo(0, 0)");
        shoot(page, name);
    }

    private void range(Page phone) {
        phone.navigate(server.address() + "/range/2");
        phone.getByText("No runs yet", new Page.GetByTextOptions().setExact(true))
                .waitFor();
        button(phone, "Begin the lesson").click();
        button(phone, "Run the lesson").click();
        Locator lesson = phone.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Lesson"));
        Locator onward =
                phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^On to: ")));
        String on;
        do {
            on = onward.innerText().replace("On to: ", "").strip();
            onward.click();
            lesson.getByText(on, new Locator.GetByTextOptions().setExact(true))
                    .first()
                    .waitFor();
        } while (!on.equals("Slipway box"));
        button(phone, "Run the lesson").click();
        // Nothing is logged before it is known which size is ridden.
        phone.getByText(Pattern.compile("chance .* %")).first().waitFor();
        phone.locator("body").press("0");
        phone.locator("body").press("0");
        phone.locator("body").press("l");
        phone.locator("body").press("Enter");
        phone.locator("body").press("0");
        phone.getByText("All saved on the server").waitFor();
        phone.locator("[data-testid=run]").nth(3).waitFor();
        phone.getByLabel(Pattern.compile("clean of all: 3 / 4")).first().waitFor();
        // The plan's next turn comes after the runs themselves.
        phone.getByText(Pattern.compile("turn 5 of")).waitFor();
        shoot(phone, "range");
    }

    private void take(Page page, String address, String name) {
        page.navigate(server.address() + address);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Yard ready"))
                .waitFor();
        page.getByRole(AriaRole.MAIN).getByRole(AriaRole.HEADING).first().waitFor();
        App.untilWhole(page);
        // Where a course is judged, once everyone of the day is.
        page.waitForFunction(
                "() => { const v = document.querySelector('aside[aria-label=Verdict]'); return v === null || ([...v.querySelectorAll('caption')].some(c => c.textContent === 'Everyone of the day') && ![...v.querySelectorAll('td')].some(cell => cell.textContent === '…') && v.textContent.includes('chance')); }");
        shoot(page, name);
    }

    private void shoot(Page page, String name) {
        page.evaluate("() => document.fonts.ready");
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}

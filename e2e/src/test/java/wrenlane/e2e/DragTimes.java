package wrenlane.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;

/**
 * How long a dragged dimension takes from the pointer to the line drawn for it, in the browser: one move at a time, each
 * timed from its event to the frame with the new line.
 */
public final class DragTimes {
    private static final int MOVES = 150;

    /** Further than a handle snaps, so that no two moves rest on one size, in pixels. */
    private static final int STEP = 11;

    /** Moves to one way, then as many back. */
    private static final int SWEEP = 8;

    /** Waits no longer for a line that does not change, in milliseconds. */
    private static final double PATIENCE = 2000;

    private static final String WATCH = """
            () => {
              const times = [];
              let since;
              addEventListener('pointermove', () => { since ??= performance.now(); }, true);
              new MutationObserver((changes) => {
                if (since === undefined || !changes.some((c) => c.target.matches('path.rear-wheel'))) return;
                const from = since;
                since = undefined;
                requestAnimationFrame(() => times.push(performance.now() - from));
              }).observe(document.body, { subtree: true, attributes: true, attributeFilter: ['d'] });
              window.drag = { times, forget: () => { since = undefined; } };
            }
            """;

    private DragTimes() {}

    /** Prints the times of a U-turn and of a figure eight, on a server just started and again. */
    public static void main(String[] args) throws IOException {
        try (RunningServer server = RunningServer.asForAPerson();
                Chromium chromium = new Chromium()) {
            for (String round : List.of("just started", "again")) {
                Page page = chromium.desk();
                page.navigate(server.address() + "/course");
                time(page, "U-turn box, " + round, "Drag the width");
                page = chromium.desk();
                page.navigate(server.address() + "/course/new");
                page.getByRole(
                                AriaRole.BUTTON,
                                new Page.GetByRoleOptions().setName(Pattern.compile("^Figure eight\\b(?! box)")))
                        .first()
                        .click();
                time(page, "figure eight, " + round, "Drag the");
            }
        }
    }

    private static void time(Page page, String name, String handleName) {
        page.locator("path.rear-wheel").waitFor();
        Locator handle = page.getByRole(
                        AriaRole.SLIDER, new Page.GetByRoleOptions().setName(Pattern.compile("^" + handleName)))
                .first();
        // In the middle of the window, so that there is room to drag to either side.
        handle.evaluate("e => e.scrollIntoView({ block: 'center' })");
        BoundingBox at = handle.boundingBox();
        double x = at.x + at.width / 2;
        double y = at.y + at.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.evaluate(WATCH);
        for (int i = 1; i <= MOVES; i++) {
            int away = SWEEP - Math.abs(SWEEP - i % (2 * SWEEP));
            int before = told(page);
            page.mouse().move(x + STEP * away, y + STEP * away);
            try {
                page.waitForFunction(
                        "n => window.drag.times.length > n",
                        before,
                        new Page.WaitForFunctionOptions().setTimeout(PATIENCE));
            } catch (PlaywrightException e) {
                page.evaluate("() => window.drag.forget()");
            }
        }
        page.mouse().up();
        double[] times = ((List<?>) page.evaluate("() => window.drag.times"))
                .stream().mapToDouble(t -> ((Number) t).doubleValue()).sorted().toArray();
        System.out.printf(
                "%s: %d lines drawn for %d moves; from pointer to drawing median %.0f ms, 95 %% %.0f ms, longest %.0f ms%n",
                name,
                times.length,
                MOVES,
                times[times.length / 2],
                times[(int) (0.95 * (times.length - 1))],
                times[times.length - 1]);
    }

    private static int told(Page page) {
        return ((Number) page.evaluate("() => window.drag.times.length")).intValue();
    }
}

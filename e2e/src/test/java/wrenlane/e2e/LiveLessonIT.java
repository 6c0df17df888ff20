package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wrenlane.e2e.App.button;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A whole lesson, given from its first step to its last: what is stored is what the screen showed when it was tapped. */
class LiveLessonIT {
    @RegisterExtension
    static final App APP = App.withDemoDay();

    /** What the screen showed when a run was tapped; empty where it showed none of it. */
    private record ScreenState(String rider, String drill, String course, String side, String size) {}

    /** Three riders on two machines, one of them shared, with two of the demo's courses. */
    private static long aDay(Page page) {
        List<Map<String, Object>> riders = List.of(
                Map.of("riderId", 1, "machineId", 2),
                Map.of("riderId", 2, "machineId", 4),
                Map.of("riderId", 3, "machineId", 4));
        Map<String, Object> day = Map.of(
                "date",
                "2026-12-02",
                "title",
                "Three on two",
                "yardId",
                1,
                "courseIds",
                List.of(1, 3),
                "stands",
                List.of(),
                "activeSizes",
                List.of(),
                "riders",
                riders);
        APIResponse made = page.request()
                .post(APP.address() + "/api/days", RequestOptions.create().setData(day));
        assertEquals(201, made.status(), made.text());
        return JsonParser.parseString(made.text()).getAsJsonObject().get("id").getAsLong();
    }

    private static Locator lesson(Page page) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Lesson"));
    }

    private static Locator onward(Page page) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^(On to: |End the lesson)")));
    }

    private static ScreenState shown(Page page) {
        String ridden = page.getByTestId("ridden").innerText();
        int on = ridden.lastIndexOf(" on ");
        Locator sides = page.locator(".log-bar button[aria-pressed=true]");
        Locator size = page.getByLabel("Size", new Page.GetByLabelOptions().setExact(true));
        boolean hasCourse = page.locator("[data-testid=ridden] span").count() > 0;
        return new ScreenState(
                page.locator("h1").innerText(),
                page.locator("[data-testid=ridden] b").innerText(),
                hasCourse ? ridden.substring(on + 4) : "",
                sides.count() == 0 ? "" : sides.innerText().strip().toUpperCase(java.util.Locale.ROOT),
                size.count() == 0 ? "" : size.innerText().replaceAll("(?s).*?(\\d+\\.\\d\\d).*", "$1"));
    }

    @Test
    void everyStoredRunIsWhatTheScreenShowed() {
        Page page = APP.phone("/today");
        long day = aDay(page);
        page.navigate(APP.address() + "/range?day=" + day);
        button(page, "Begin the lesson").click();
        List<ScreenState> tapped = new ArrayList<>();
        int silent = 0;
        while (true) {
            assertThat(lesson(page)).isVisible();
            int step = Integer.parseInt(lesson(page).getAttribute("data-step"));
            for (long rider = 1; rider <= 3; rider++) {
                page.navigate(APP.address() + "/range/" + rider + "?day=" + day);
                assertThat(lesson(page)).isVisible();
                App.untilWhole(page);
                if (button(page, "Clean").count() == 0) {
                    silent++;
                    continue;
                }
                if (page.getByText("Choose the one ridden").count() > 0) {
                    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Setting ridden"))
                            .getByRole(AriaRole.BUTTON)
                            .first()
                            .click();
                }
                assertThat(button(page, "Clean")).isEnabled();
                tapped.add(shown(page));
                button(page, "Clean").click();
                assertThat(page.getByText("All saved on the server")).isVisible();
            }
            button(page, "Run the lesson").click();
            boolean last = onward(page).first().innerText().startsWith("End");
            onward(page).first().click();
            if (last) {
                break;
            }
            assertThat(lesson(page)).hasAttribute("data-step", String.valueOf(step + 1));
        }
        assertThat(page.getByText("The lesson is over.")).isVisible();
        assertEquals(tapped, stored(page, day));
        assertTrue(silent >= 6, "briefing and debrief log nothing: " + silent);
        assertTrue(tapped.stream().anyMatch(s -> s.course().isEmpty()), "drills without a course: " + tapped);
        assertTrue(tapped.stream().anyMatch(s -> !s.size().isEmpty()), "drills on a course: " + tapped);
        page.request()
                .post(
                        APP.address() + "/api/days/" + day + "/running",
                        RequestOptions.create().setData(Map.of("act", "PUT_AWAY", "step", 0)));
        page.close();
    }

    /** Runs of the day as the server has them, the oldest first. */
    private static List<ScreenState> stored(Page page, long day) {
        JsonArray riders = JsonParser.parseString(
                        page.request().get(APP.address() + "/api/riders").text())
                .getAsJsonArray();
        JsonArray log = JsonParser.parseString(page.request()
                        .get(APP.address() + "/api/days/" + day + "/runs")
                        .text())
                .getAsJsonArray();
        List<ScreenState> stored = new ArrayList<>();
        for (JsonElement line : log) {
            JsonObject run = line.getAsJsonObject().getAsJsonObject("run");
            stored.add(
                    0,
                    new ScreenState(
                            nameOf(riders, run.get("riderId").getAsLong()),
                            text(run, "drillName"),
                            text(run, "courseName"),
                            text(run, "side"),
                            run.has("settingMetres")
                                    ? String.format(
                                            java.util.Locale.ROOT,
                                            "%.2f",
                                            run.get("settingMetres").getAsDouble())
                                    : ""));
        }
        return stored;
    }

    private static String nameOf(JsonArray riders, long id) {
        for (JsonElement rider : riders) {
            if (rider.getAsJsonObject().get("id").getAsLong() == id) {
                return rider.getAsJsonObject().get("name").getAsString();
            }
        }
        return "nobody";
    }

    private static String text(JsonObject run, String name) {
        return run.has(name) && !run.get(name).isJsonNull() ? run.get(name).getAsString() : "";
    }
}

package wrenlane.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.Gson;
import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Twelve riders with names of forty letters, on a yard 300 m long. */
class LargeDayIT {
    /** In one word, for which no line breaks by itself. */
    private static final String LONG = "Featherstonehaughwickenburyhallingshawe";

    private static final int RIDERS = 12;

    private static final List<String> PAGES = List.of(
            "/today",
            "/yard",
            "/yard?view=courses",
            "/machines/1",
            "/riders/1",
            "/course",
            "/setup",
            "/lesson",
            "/lesson/check",
            "/lesson/drills",
            "/range/1",
            "/range/log",
            "/progress",
            "/progress/group",
            "/progress/debrief");

    /** Where the page is wider than the window: the innermost elements that stick out of it. */
    private static final String TOO_WIDE = """
            () => {
            const scrolls = (e) => e.parentElement !== null && e.parentElement !== document.body
              && (getComputedStyle(e.parentElement).overflowX !== 'visible' || scrolls(e.parentElement));
            return document.documentElement.scrollWidth <= window.innerWidth ? [] :
              [...document.querySelectorAll('body *')]
                .filter((e) => e.getBoundingClientRect().right > window.innerWidth + 1)
                .filter((e) => !scrolls(e))
                .filter((e, _, all) => !all.some((o) => o !== e && e.contains(o)))
                .slice(0, 3)
                .map((e) => e.outerHTML.slice(0, 160));
            }""";

    private static final int[] WIDTHS = {1280, 820, 390};

    @RegisterExtension
    static final App APP = App.empty();

    @Test
    void noPageScrollsSideways() {
        Page page = APP.desk("/today");
        prepare(page);
        List<String> wide = new ArrayList<>();
        for (String path : PAGES) {
            page.setViewportSize(WIDTHS[0], 900);
            page.navigate(APP.address() + path);
            page.locator("h1").first().waitFor();
            App.untilWhole(page);
            if (path.equals("/course")) {
                // What the riders' own chances are comes last, and widens the table.
                assertThat(page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Everyone of the day")))
                        .containsText("chance");
            }
            for (int width : WIDTHS) {
                page.setViewportSize(width, 900);
                Object culprits = page.evaluate(TOO_WIDE);
                if (!((List<?>) culprits).isEmpty()) {
                    wide.add(path + " at " + width + ": " + culprits);
                }
            }
        }
        assertThat(wide).isEmpty();
    }

    private static void prepare(Page page) {
        long yard = post(page, "yards", yard()).get("id").getAsLong();
        // Machines of one class turn alike: what is looked at is what twelve of them take up on a page.
        JsonElement machineClass = get(page, "machine-classes")
                .getAsJsonArray()
                .get(0)
                .getAsJsonObject()
                .get("id");
        JsonArray pairs = new JsonArray();
        for (int i = 0; i < RIDERS; i++) {
            String name = LONG + (char) ('A' + i);
            JsonObject machine = new JsonObject();
            machine.addProperty("name", name);
            machine.add("classId", machineClass);
            machine.addProperty("transmission", "HAND_CLUTCH");
            machine.add("figures", new JsonArray());
            machine.add("circles", new JsonArray());
            long machineId = post(page, "machines", machine).get("id").getAsLong();
            JsonObject rider = new JsonObject();
            rider.addProperty("name", name);
            rider.addProperty("level", "DEVELOPING");
            rider.addProperty("school", "CLUTCH_FIRST");
            rider.addProperty("notes", LONG + " " + LONG);
            rider.addProperty("machineId", machineId);
            JsonObject pair = new JsonObject();
            pair.addProperty("riderId", post(page, "riders", rider).get("id").getAsLong());
            pair.addProperty("machineId", machineId);
            pairs.add(pair);
        }
        JsonArray courses = new JsonArray();
        for (JsonElement kind : get(page, "course-kinds").getAsJsonArray()) {
            JsonObject of = kind.getAsJsonObject();
            if (List.of("u-turn-box", "straight-weave", "figure-eight")
                    .contains(of.get("kind").getAsString())) {
                JsonObject course = of.getAsJsonObject("start");
                course.addProperty("name", LONG + courses.size());
                courses.add(post(page, "courses", course).get("id"));
            }
        }
        assertThat(courses).hasSize(3);
        JsonObject day = new JsonObject();
        day.addProperty("date", "2026-05-14");
        day.addProperty("title", LONG);
        day.addProperty("yardId", yard);
        day.add("courseIds", courses);
        day.add("stands", new JsonArray());
        day.add("activeSizes", new JsonArray());
        day.add("riders", pairs);
        post(page, "days", day);
    }

    private static JsonObject yard() {
        return new Gson()
                .fromJson("""
                        {"name": "%s", "notes": "", "ground": {"outline": {"sides": [%s, %s, %s, %s],
                          "corners": ["SQUARE", "SQUARE", "SQUARE", "SQUARE"], "diagonals": []},
                          "surface": "ASPHALT", "fallPercent": 0, "fallTowardsRadians": 0, "obstacles": [], "bayRows": []}}
                        """.formatted(LONG, length(300), length(80), length(300), length(80)), JsonObject.class);
    }

    private static String length(int metres) {
        return "{\"metres\": %d, \"uncertaintyMetres\": 0.1, \"method\": \"TAPE\", \"text\": \"%d m\"}"
                .formatted(metres, metres);
    }

    private static JsonElement get(Page page, String what) {
        return read(page.request().get(APP.address() + "/api/" + what), what);
    }

    private static JsonObject post(Page page, String what, JsonObject body) {
        return read(
                        page.request()
                                .post(
                                        APP.address() + "/api/" + what,
                                        RequestOptions.create()
                                                .setHeader("Content-Type", "application/json")
                                                .setData(body.toString())),
                        what)
                .getAsJsonObject();
    }

    private static JsonElement read(APIResponse answer, String what) {
        assertThat(answer.ok()).as(what + ": " + answer.text()).isTrue();
        return new Gson().fromJson(answer.text(), JsonElement.class);
    }
}

package wrenlane.server.lesson.drill;

import java.util.List;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import wrenlane.drill.Drill;
import wrenlane.server.platform.format.Tightness;
import wrenlane.server.platform.format.Upgrade;

/**
 * The open format of drills, version 2, as {@code docs/formats} describes it.
 *
 * @param format name and version of the format
 */
record DrillDocument(String format, List<Drill> drills) {
    static final String FORMAT = "wren-lane-drills/2";

    /** How the steps of the app's own drills were named. */
    private static final Pattern SAYS_TIGHTNESS = Pattern.compile("Rung at tightness [0-9.]+");

    /** Version 1 had tightness, where a larger number is easier. */
    static final Upgrade FROM_1 = new Upgrade("wren-lane-drills/1", file -> {
        for (JsonNode drill : file.path("drills")) {
            if (drill.path("pass") instanceof ObjectNode pass) {
                Tightness.replace(pass, "tightness", "difficulty");
            }
            for (JsonNode step : drill.path("steps")) {
                Tightness.replace((ObjectNode) step, "tightness", "difficulty");
                if (SAYS_TIGHTNESS.matcher(step.path("says").asString()).matches() && step.has("difficulty")) {
                    long percent = Math.round(100 * step.get("difficulty").asDouble());
                    ((ObjectNode) step).put("says", "Size of difficulty " + percent + " %");
                }
            }
        }
    });

    static DrillDocument of(List<Drill> drills) {
        return new DrillDocument(FORMAT, drills);
    }
}

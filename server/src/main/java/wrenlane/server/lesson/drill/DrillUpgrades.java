package wrenlane.server.lesson.drill;

import java.util.Map;
import java.util.Objects;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import wrenlane.server.platform.format.OldDifficulty;
import wrenlane.server.platform.format.Upgrade;

/** How drills of older versions of the format become drills of the next. */
final class DrillUpgrades {
    /** How the steps of the app's own drills were named. */
    private static final Pattern SAYS_TIGHTNESS = Pattern.compile("Rung at tightness [0-9.]+");

    private static final Map<String, String> VALUES =
            Map.of("RUNG", "SIZE", "SPELL", "TIMED_RIDE", "SPELL_MINUTES", "TIMED_RIDE_MINUTES");

    private DrillUpgrades() {}

    /** Version 1 had difficulty, where a larger number is easier. */
    static final Upgrade FROM_1 = new Upgrade("wren-lane-drills/1", file -> {
        for (JsonNode drill : file.path("drills")) {
            if (drill.path("pass") instanceof ObjectNode pass) {
                OldDifficulty.replace(pass, "tightness", "difficulty");
            }
            for (JsonNode step : drill.path("steps")) {
                OldDifficulty.replace((ObjectNode) step, "tightness", "difficulty");
                if (SAYS_TIGHTNESS.matcher(step.path("says").asString()).matches() && step.has("difficulty")) {
                    long percent = Math.round(100 * step.get("difficulty").asDouble());
                    ((ObjectNode) step).put("says", "Size of difficulty " + percent + " %");
                }
            }
        }
    });

    /** Version 2 had scoring, adaptations and audience beside the rest, and older words. */
    static final Upgrade FROM_2 = new Upgrade(
            "wren-lane-drills/2", file -> file.path("drills").forEach(drill -> regroup((ObjectNode) drill)));

    private static void regroup(ObjectNode drill) {
        move(drill, "cue", (ObjectNode) drill.get("words"), "cue");
        drill.get("steps").forEach(step -> {
            rename((ObjectNode) step, "change");
            move((ObjectNode) step, "roomBesideWheelsMetres", (ObjectNode) step, "clearanceBesideWheelsMetres");
        });
        move(drill, "after", drill, "prerequisites");
        ObjectNode scoring = drill.putObject("scoring");
        move(drill, "pass", scoring, "pass");
        rename((ObjectNode) scoring.get("pass"), "measure");
        rename(drill, "loggedBy");
        move(drill, "loggedBy", scoring, "loggedBy");
        move(drill, "spell", scoring, "timedRide");
        ObjectNode adaptations = drill.putObject("adaptations");
        move(drill, "inSchool", adaptations, "byMethod");
        move(drill, "withChoice", adaptations, "byChoice");
        adaptations.forEach(
                some -> some.forEach(one -> move((ObjectNode) one, "after", (ObjectNode) one, "prerequisites")));
        ObjectNode audience = drill.putObject("audience");
        move(drill, "transmissions", audience, "transmissions");
        move(drill, "schools", audience, "methods");
        move(drill, "levels", audience, "levels");
        move(drill, "onlyWithChoice", audience, "choices");
    }

    private static void move(ObjectNode from, String field, ObjectNode to, String name) {
        JsonNode value = from.remove(field);
        if (value != null) {
            to.set(name, value);
        }
    }

    private static void rename(ObjectNode in, String field) {
        String value = in.get(field).asString();
        in.put(field, Objects.requireNonNullElse(VALUES.get(value), value));
    }
}

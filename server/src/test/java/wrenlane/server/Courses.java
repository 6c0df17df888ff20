package wrenlane.server;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Requests for tests, as plain maps so that any part can be spoilt. */
final class Courses {
    private Courses() {}

    static Map<String, Object> length(double metres) {
        Map<String, Object> length = new HashMap<>();
        length.put("metres", metres);
        length.put("uncertaintyMetres", 0.02);
        length.put("method", "TAPE");
        length.put("text", String.format(Locale.ROOT, "%.4f m", metres));
        return length;
    }

    static Map<String, Object> box(double width) {
        Map<String, Object> lengths = new HashMap<>();
        lengths.put("widthMetres", length(width));
        lengths.put("depthMetres", length(7.5));
        lengths.put("edgeSpacingMetres", length(2.5));
        return course("Test box", "u-turn-box", lengths, Map.of());
    }

    static Map<String, Object> course(
            String name, String kind, Map<String, Object> lengths, Map<String, Object> counts) {
        Map<String, Object> course = new HashMap<>();
        course.put("name", name);
        course.put("kind", kind);
        course.put("lengths", lengths);
        course.put("counts", counts);
        course.put("options", Map.of());
        course.put("firstTurn", "LEFT");
        return course;
    }

    /** A course of a kind at its standards, from what {@code /api/course-kinds} says of it. */
    static Map<String, Object> standard(JsonNode kind) {
        Map<String, Object> lengths = new HashMap<>();
        Map<String, Object> counts = new HashMap<>();
        for (JsonNode d : kind.get("dimensions")) {
            if (d.get("quantity").asString().equals("METRES")) {
                lengths.put(d.get("name").asString(), length(d.get("standard").asDouble()));
            } else {
                counts.put(d.get("name").asString(), d.get("standard").asInt());
            }
        }
        return course("A " + kind.get("label").asString(), kind.get("kind").asString(), lengths, counts);
    }

    /** A stored course as it would be sent again. */
    static Map<String, Object> of(JsonNode stored) {
        Map<String, Object> course = new HashMap<>();
        for (String field :
                new String[] {"name", "kind", "lengths", "counts", "options", "firstTurn", "markers", "within"}) {
            course.put(field, stored.get(field));
        }
        return course;
    }

    /** A course to lay the cones of, at some settings; as it is set where none are named. */
    static Map<String, Object> laid(Object course, Double... standsAt) {
        return Map.of("course", course, "standsAt", standsAt);
    }

    /** What any reckoning asks for. */
    static Map<String, Object> reckon(Object course, long machineId) {
        Map<String, Object> request = new HashMap<>();
        request.put("course", course);
        request.put("machineId", machineId);
        request.put("level", "DEVELOPING");
        request.put("settled", true);
        return request;
    }

    static Map<String, Object> machine(String name) {
        Map<String, Object> machine = new HashMap<>();
        machine.put("name", name);
        machine.put("classId", "twin-300");
        machine.put("transmission", "HAND_CLUTCH");
        machine.put("figures", new Object[0]);
        machine.put("circles", new Object[0]);
        return machine;
    }

    static Map<String, Object> rider(String name) {
        Map<String, Object> rider = new HashMap<>();
        rider.put("name", name);
        rider.put("level", "NOVICE");
        rider.put("school", "DRAG");
        rider.put("machineId", null);
        rider.put("notes", "");
        return rider;
    }

    static Map<String, Object> yard(String name) {
        Map<String, Object> yard = new HashMap<>();
        yard.put("name", name);
        yard.put("ground", ground(40, 20));
        yard.put("notes", "");
        yard.put("pace", null);
        yard.put("bay", null);
        return yard;
    }

    /** A rectangle's ground, with nothing on it. */
    static Map<String, Object> ground(double length, double width) {
        Map<String, Object> outline = new HashMap<>();
        outline.put("sides", new Object[] {length(length), length(width), length(length), length(width)});
        outline.put("corners", new String[] {"SQUARE", "SQUARE", "SQUARE", "SQUARE"});
        outline.put("diagonals", new Object[0]);
        Map<String, Object> ground = new HashMap<>();
        ground.put("outline", outline);
        ground.put("surface", "ASPHALT");
        ground.put("fallPercent", 1.0);
        ground.put("fallTowardsRadians", 0.0);
        ground.put("obstacles", new Object[0]);
        ground.put("bayRows", new Object[0]);
        return ground;
    }

    /** The same of another surface. */
    static Map<String, Object> groundOf(String surface) {
        Map<String, Object> ground = ground(40, 20);
        ground.put("surface", surface);
        return ground;
    }
}

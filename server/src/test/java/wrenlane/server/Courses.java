package wrenlane.server;

import java.util.HashMap;
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
        length.put("text", metres + " m");
        return length;
    }

    static Map<String, Object> box(double width) {
        Map<String, Object> box = new HashMap<>();
        box.put("name", "Test box");
        box.put("width", length(width));
        box.put("depth", length(7.5));
        box.put("edgeSpacing", length(2.5));
        box.put("entrySide", "RIGHT");
        box.put("start", "ROLLING");
        return box;
    }

    /** A stored course as it would be sent again. */
    static Map<String, Object> of(JsonNode stored) {
        Map<String, Object> box = new HashMap<>();
        for (String field : new String[] {"name", "width", "depth", "edgeSpacing", "entrySide", "start"}) {
            box.put(field, stored.get(field));
        }
        return box;
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
        yard.put("length", length(40));
        yard.put("width", length(20));
        yard.put("surface", "ASPHALT");
        yard.put("fallPercent", 1.0);
        yard.put("notes", "");
        yard.put("pace", null);
        yard.put("bay", null);
        return yard;
    }
}

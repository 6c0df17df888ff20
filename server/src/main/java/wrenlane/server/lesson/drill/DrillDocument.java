package wrenlane.server.lesson.drill;

import java.util.List;
import wrenlane.drill.Drill;

/**
 * The open format of drills, version 3, as {@code docs/formats} describes it.
 *
 * @param format name and version of the format
 */
record DrillDocument(String format, List<Drill> drills) {
    static final String FORMAT = "wren-lane-drills/3";

    static DrillDocument of(List<Drill> drills) {
        return new DrillDocument(FORMAT, drills);
    }
}

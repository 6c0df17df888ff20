package wrenlane.server.drill;

import java.util.List;
import wrenlane.drill.Drill;

/**
 * The open format of drills, version 1, as {@code docs/formats} describes it.
 *
 * @param format {@link #FORMAT}
 */
record DrillDocument(String format, List<Drill> drills) {
    static final String FORMAT = "wren-lane-drills/1";

    static DrillDocument of(List<Drill> drills) {
        return new DrillDocument(FORMAT, drills);
    }
}

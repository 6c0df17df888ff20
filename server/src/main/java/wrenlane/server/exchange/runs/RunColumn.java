package wrenlane.server.exchange.runs;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** What a column of a table of runs may say. */
enum RunColumn {
    ID("id", false, "run id"),
    DATE("date", true, "day", "datum"),
    TIME("time", false, "clock"),
    RIDER("rider", true, "name", "student", "participant"),
    MACHINE("machine", false, "bike", "motorcycle"),
    /** By its id, or by its name; without it a run is of the course alone. */
    DRILL("drill_id", false),
    COURSE("course", true, "exercise", "drill"),
    SIDE("side", true, "direction", "turn"),
    SETTING("setting_m", true, "setting", "width", "width_m", "diameter", "spacing"),
    OUTCOME("outcome", true, "result", "faults"),
    SECONDS("seconds", false, "time_s", "duration"),
    SORT("sort", false),
    MINUTES("minutes", false),
    LAPS("laps", false),
    SIMULATED("simulated", false),
    NOTE("note", false, "notes", "comment", "remark");

    private static final Set<RunColumn> OF_COURSE = EnumSet.of(COURSE, SIDE, SETTING);

    private final String header;
    private final boolean needed;
    private final List<String> alike;

    RunColumn(String header, boolean needed, String... alike) {
        this.header = header;
        this.needed = needed;
        this.alike = List.of(alike);
    }

    /** As this app heads it. */
    String header() {
        return header;
    }

    /** Whether no run can be read without it. */
    boolean needed() {
        return needed;
    }

    /** The first column of a table that looks like this one, by its heading. */
    Optional<String> among(List<String> headings) {
        return headings.stream()
                .filter(h -> plain(h).equals(header))
                .findFirst()
                .or(() ->
                        headings.stream().filter(h -> alike.contains(plain(h))).findFirst());
    }

    private static String plain(String heading) {
        return heading.strip().toLowerCase(Locale.ROOT);
    }

    /**
     * Those that no run can be read without; a run of a drill may have no course.
     *
     * @param drills whether the table names drills
     */
    static List<RunColumn> allNeeded(boolean drills) {
        return Arrays.stream(values())
                .filter(RunColumn::needed)
                .filter(column -> !drills || !OF_COURSE.contains(column))
                .toList();
    }
}

package wrenlane.server.runfile;

import org.jspecify.annotations.Nullable;

/** A run with the names of all it refers to, as a table has it. */
record NamedRun(
        Long rowNumber,
        String id,
        Long loggedAtMs,
        String day,
        String rider,
        String machine,
        String course,
        String kind,
        String side,
        Double settingM,
        String faults,
        String sort,
        @Nullable Double seconds,
        @Nullable Double minutes,
        @Nullable Integer laps,
        String faultCounts,
        String technique,
        String note,
        Boolean simulated) {}

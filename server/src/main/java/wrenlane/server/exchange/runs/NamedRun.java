package wrenlane.server.exchange.runs;

import org.jspecify.annotations.Nullable;

/** A run with the names of all it refers to, as a table has it. Course, kind and setting are missing where it had no course. */
record NamedRun(
        Long rowNumber,
        String id,
        Long loggedAtMs,
        String day,
        String rider,
        String machine,
        @Nullable String drillId,
        @Nullable String drill,
        @Nullable String course,
        @Nullable String kind,
        @Nullable String side,
        @Nullable Double settingM,
        String faults,
        String sort,
        @Nullable Double seconds,
        @Nullable Double minutes,
        @Nullable Integer laps,
        String faultCounts,
        String technique,
        String note,
        Boolean simulated) {}

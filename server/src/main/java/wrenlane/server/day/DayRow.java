package wrenlane.server.day;

import org.jspecify.annotations.Nullable;

/** A row of the day table. */
record DayRow(
        @Nullable Long id,
        String date,
        String title,
        @Nullable Long yardId) {
    static DayRow of(@Nullable Long id, DayRequest d) {
        return new DayRow(id, d.date().toString(), d.title().strip(), d.yardId());
    }
}

package wrenlane.server.day;

import org.jspecify.annotations.Nullable;
import wrenlane.finding.TypedText;

/** A row of the day table. */
record DayRow(
        @Nullable Long id,
        @Nullable Long version,
        String date,
        String title,
        @Nullable Long yardId) {
    static DayRow of(@Nullable Long id, DayRequest d) {
        return new DayRow(id, null, d.date().toString(), TypedText.line(d.title()), d.yardId());
    }
}

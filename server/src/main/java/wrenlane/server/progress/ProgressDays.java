package wrenlane.server.progress;

import java.time.LocalDate;

/** Date and title of a day, as progress needs them; kept apart so that the day's briefing can ask progress in turn. */
public interface ProgressDays {
    /** What stands over a day's runs. */
    record Heading(LocalDate date, String title) {}

    /** The heading of a stored day. */
    Heading heading(long dayId);
}

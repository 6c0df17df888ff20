package wrenlane.server.day;

import java.time.LocalDate;

/** Date and title of a day. */
public record DayHeading(LocalDate date, String title) {}

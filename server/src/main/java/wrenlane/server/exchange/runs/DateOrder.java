package wrenlane.server.exchange.runs;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** In which order a table writes dates that are not written year first. */
enum DateOrder {
    DAY_FIRST,
    MONTH_FIRST;

    private static final Pattern YEAR_FIRST = Pattern.compile("(\\d{4})[-./](\\d{1,2})[-./](\\d{1,2})");
    private static final Pattern YEAR_LAST = Pattern.compile("(\\d{1,2})[-./](\\d{1,2})[-./](\\d{4})");

    /** Empty where it is no date there is. */
    Optional<LocalDate> read(String text) {
        Matcher first = YEAR_FIRST.matcher(text);
        if (first.matches()) {
            return date(first.group(1), first.group(2), first.group(3));
        }
        Matcher last = YEAR_LAST.matcher(text);
        if (!last.matches()) {
            return Optional.empty();
        }
        return this == DAY_FIRST
                ? date(last.group(3), last.group(2), last.group(1))
                : date(last.group(3), last.group(1), last.group(2));
    }

    private static Optional<LocalDate> date(String year, String month, String day) {
        try {
            LocalDate date = LocalDate.of(Integer.parseInt(year), Integer.parseInt(month), Integer.parseInt(day));
            return date.getYear() < 1990 || date.getYear() > 2200 ? Optional.empty() : Optional.of(date);
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}

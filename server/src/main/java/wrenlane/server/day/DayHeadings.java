package wrenlane.server.day;

import org.springframework.stereotype.Component;
import wrenlane.server.progress.ProgressDays;

/** Gives progress the headings of days. */
@Component
class DayHeadings implements ProgressDays {
    private final DayService days;

    DayHeadings(DayService days) {
        this.days = days;
    }

    @Override
    public Heading heading(long dayId) {
        DayResponse day = days.get(dayId);
        return new Heading(day.date(), day.title());
    }
}

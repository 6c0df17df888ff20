package wrenlane.server.day;

import java.time.LocalDate;
import org.springframework.stereotype.Component;
import wrenlane.server.progress.ProgressDays;
import wrenlane.server.run.RunDays;

/** What progress and runs need to know of days. */
@Component
class DayLookups implements ProgressDays, RunDays {
    private final DayService days;

    DayLookups(DayService days) {
        this.days = days;
    }

    @Override
    public Heading heading(long dayId) {
        DayRow day = days.row(dayId);
        return new Heading(LocalDate.parse(day.date()), day.title());
    }

    @Override
    public void require(long dayId) {
        days.row(dayId);
    }

    @Override
    public boolean hasRider(long dayId, long riderId) {
        return days.hasRider(dayId, riderId);
    }

    @Override
    public boolean hasCourse(long dayId, long courseId) {
        return days.hasCourse(dayId, courseId);
    }
}

package wrenlane.server.day;

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
        DayResponse day = days.get(dayId);
        return new Heading(day.date(), day.title());
    }

    @Override
    public void require(long dayId) {
        days.get(dayId);
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

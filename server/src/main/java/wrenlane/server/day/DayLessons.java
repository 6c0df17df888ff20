package wrenlane.server.day;

/** Whether a day has a lesson, as its briefing needs it; kept apart so that lessons can ask days in turn. */
public interface DayLessons {
    /** Whether anything was said of the day's lesson. */
    boolean isSaid(long dayId);
}

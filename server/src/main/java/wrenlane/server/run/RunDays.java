package wrenlane.server.run;

/** Who and what is on a day; kept apart so that the day's briefing can ask for its runs in turn. */
public interface RunDays {
    /** Throws where there is no such day. */
    void require(long dayId);

    /** Whether a rider is on a stored day. */
    boolean hasRider(long dayId, long riderId);

    /** Whether a course is on a stored day, also one that was taken away since. */
    boolean hasCourse(long dayId, long courseId);
}

package wrenlane.server.platform.event;

/**
 * That something of a day was changed: not what, so that whoever is told reads it anew.
 *
 * @param topic what
 * @param dayId of which day
 */
public record News(Topic topic, long dayId) {
    /** What is told of. */
    public enum Topic {
        /** Runs were logged, corrected or taken away, or the lesson went on. */
        RUNS,
        /** Who and what is on the day, what its courses stand at, or its lesson was changed. */
        DAY
    }
}

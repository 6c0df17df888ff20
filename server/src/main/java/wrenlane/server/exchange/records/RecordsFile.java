package wrenlane.server.exchange.records;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.server.progress.run.RunResponse;

/**
 * Everything that is kept of one rider, as it is handed out.
 *
 * @param format name and version of the format
 * @param writtenAt when
 * @param rider as described
 * @param days they are or were on, with what they were told in somebody's own words
 * @param drills shown to be mastered
 * @param goal what they want to be able to ride; missing where nothing was said
 * @param opinions what is held to be behind their faults
 * @param practice alone, as they told it
 * @param runs ever logged, also those corrected and undone
 */
record RecordsFile(
        String format,
        Instant writtenAt,
        RiderRecord rider,
        List<DayRecord> days,
        List<MasteryRecord> drills,
        @Nullable GoalRecord goal,
        List<OpinionRecord> opinions,
        List<PracticeRecord> practice,
        List<RunResponse> runs) {
    static final String FORMAT = "wren-lane-rider/2";

    /**
     * One day.
     *
     * @param told missing where nobody put it in their own words
     */
    record DayRecord(
            Long dayId,
            LocalDate date,
            String title,
            @Nullable String machineName,
            @Nullable String told) {}

    /** A drill that was shown to be mastered on a machine. */
    record MasteryRecord(String drillId, String machineName, LocalDate shownOn) {}

    /** What an instructor holds to be behind the faults on a kind of course. */
    record OpinionRecord(String kind, String words, LocalDate saidOn) {}

    /** Practice alone. */
    record PracticeRecord(
            LocalDate practisedOn,
            String kind,
            String machineName,
            Double minutes,
            @Nullable Double settingMetres,
            Integer leftRuns,
            Integer leftClean,
            Integer rightRuns,
            Integer rightClean,
            String note) {}

    /**
     * A goal in short.
     *
     * @param by missing where there is no hurry
     */
    record GoalRecord(
            String name,
            String kind,
            double settingMetres,
            @Nullable LocalDate by) {}
}

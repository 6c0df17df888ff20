package wrenlane.server.progress.run;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.RunSort;

/**
 * What the run table keeps of a run as JSON. The table's columns {@code kind}, {@code side}, {@code sort} and {@code clean} are
 * generated from it: whoever renames a field here renames it there. What was observed and measured is stored as it goes over
 * the wire.
 *
 * @param version of this layout
 * @param drillName what the drill was called then; missing where it names none
 * @param course missing where it was ridden on none
 * @param side turned to first; missing where there is none
 * @param faults empty for a clean run
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record RunDocument(
        int version,
        @Nullable String drillName,
        @Nullable RideDocument course,
        @Nullable Side side,
        List<Fault> faults,
        DetailDocument detail,
        LogDocument log) {
    static final int VERSION = 1;

    /**
     * A course as it was set then.
     *
     * @param settings name and value of everything that is set, but for the size
     */
    record RideDocument(String name, String kind, double sizeMetres, Map<String, String> settings) {}

    /** What an entry says beside its faults. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record DetailDocument(
            RunSort sort,
            @Nullable Double seconds,
            @Nullable Double minutes,
            @Nullable Integer laps,
            @Nullable Map<Fault, Integer> faultCounts,
            @Nullable String note,
            @Nullable ObservationJson observed,
            @Nullable ScoreJson score) {}

    /** How it came into the log. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record LogDocument(
            boolean simulated,
            @Nullable String device,
            @Nullable Long correctedAtMs) {}
}

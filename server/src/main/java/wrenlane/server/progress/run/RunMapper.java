package wrenlane.server.progress.run;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;
import wrenlane.machine.Side;

/** All SQL about runs. */
@Mapper
interface RunMapper {
    Optional<RunRow> find(String id);

    /** Those on a course that count of a rider. */
    List<RunRow> ofRider(long riderId);

    /** Those that count of a rider and name a drill, the newest first. */
    List<RunRow> ofDrill(@Param("riderId") long riderId, @Param("drillId") String drillId, @Param("most") int most);

    /** Drills that runs of a rider name which count. */
    List<String> drillsRidden(long riderId);

    /** Those that count of a rider on one day and course, the newest first. */
    List<RunRow> latestOfDay(
            @Param("riderId") long riderId,
            @Param("dayId") long dayId,
            @Param("courseId") long courseId,
            @Param("most") int most);

    /** Kinds with runs of a rider that count. */
    List<String> kindsRidden(long riderId);

    /** Those that count of a rider on a kind to a side, the newest first; to none where it is ridden straight on. */
    List<RunRow> latest(
            @Param("riderId") long riderId,
            @Param("kind") String kind,
            @Param("side") @Nullable Side side,
            @Param("most") int most);

    /** Those that count, by the time they were ridden, from a place on. */
    List<RunRow> page(
            @Param("riderId") @Nullable Long riderId,
            @Param("dayId") @Nullable Long dayId,
            @Param("afterMs") long afterMs,
            @Param("afterRow") long afterRow,
            @Param("most") int most);

    /** All of a rider, also what was withdrawn. */
    List<RunRow> everOfRider(long riderId);

    /** What a rider rode on each machine, the one last ridden first. */
    List<MachineRuns> byMachine(long riderId);

    List<RunRow> ofDay(long dayId);

    List<String> stored(List<String> ids);

    int countOnDay(long dayId);

    void insert(RunRow row);

    int withdraw(@Param("id") String id, @Param("at") String at, @Param("on") String on);

    /** The correction of a run, also one that was withdrawn itself. */
    Optional<RunRow> correctionOf(String id);

    /** All of a day, also what was withdrawn. */
    List<RunRow> everOfDay(long dayId);
}

package wrenlane.server.progress.run;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.machine.Side;
import wrenlane.run.Run;
import wrenlane.run.RunHistory;
import wrenlane.run.RunLog;
import wrenlane.server.platform.calculation.BoundedCache;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.platform.version.Stamp;
import wrenlane.server.platform.version.Stamps;

/** Runs as stored, and what was read of them lately. */
@Component
public class RunRepository {
    /** Ids asked for in one question: SQLite takes a few thousand. */
    private static final int ASKED_AT_ONCE = 1000;

    /** Memory for runs that were read, in bytes. */
    private static final long MOST_BYTES = 8_000_000;

    /** One of them, in bytes, about. */
    private static final int RUN_BYTES = 700;

    /** What was asked for, of runs as they were. */
    private record LatestKey(Stamp riders, String kind, int most) {}

    private final BoundedCache<LatestKey, List<Run>> latest =
            BoundedCache.within(MOST_BYTES, asked -> Side.values().length * asked.most() * RUN_BYTES);
    private final BoundedCache<LatestKey, Map<String, List<Run>>> elsewhere =
            BoundedCache.within(MOST_BYTES, asked -> Side.values().length * asked.most() * RUN_BYTES);

    /** All of a rider: one page asks for them several times over. */
    private final BoundedCache<Stamp, List<Run>> ofRider =
            BoundedCache.within(2 * MOST_BYTES, (rider, runs) -> runs.size() * RUN_BYTES + RUN_BYTES);

    private final RunMapper mapper;
    private final RunRows rows;
    private final Stamps stamps;
    private final Storage storage;

    RunRepository(RunMapper mapper, RunRows rows, Stamps stamps, Storage storage) {
        this.mapper = mapper;
        this.rows = rows;
        this.stamps = stamps;
        this.storage = storage;
    }

    /** A run by its id, also one that was withdrawn. */
    Optional<Run> find(String id) {
        return mapper.find(id).map(rows::run);
    }

    /** The correction of a run, also one that was withdrawn itself. */
    Optional<Run> correctionOf(String id) {
        return mapper.correctionOf(id).map(rows::run);
    }

    void insert(Run run) {
        mapper.insert(rows.row(run));
    }

    /** Withdraws a run that counts; one that was withdrawn before stays as it was. */
    void withdraw(String id, RunLog.Withdrawal withdrawal) {
        mapper.withdraw(id, withdrawal.at().toString(), withdrawal.device());
    }

    /** Those of some ids that runs are stored under, also runs that were undone. */
    public Set<String> stored(List<String> ids) {
        Set<String> stored = new HashSet<>();
        for (int from = 0; from < ids.size(); from += ASKED_AT_ONCE) {
            stored.addAll(mapper.stored(ids.subList(from, Math.min(ids.size(), from + ASKED_AT_ONCE))));
        }
        return stored;
    }

    /** Stores runs as they were computed or read before; nobody else's are under their ids. */
    public void insertAll(List<Run> runs) {
        List<RunRow> all = runs.stream().map(rows::row).toList();
        storage.change(() -> all.forEach(mapper::insert));
    }

    /** All that was logged on a day, the newest first, with what was corrected and undone. */
    List<RunHistory> historiesOfDay(long dayId) {
        return RunHistory.of(rows.runs(mapper.everOfDay(dayId)));
    }

    /** Kinds of course a rider has runs on that still count. */
    public List<String> kindsRidden(long riderId) {
        return mapper.kindsRidden(riderId);
    }

    /** The latest runs of a rider on a kind that still count, so many to each side, oldest first. */
    public List<Run> latest(long riderId, String kind, int most) {
        return storage.read(() -> latest.get(
                new LatestKey(stamps.of(Stamps.Aggregate.RUNS_OF_RIDER, riderId), kind, most),
                () -> rows.runs(sides(kind)
                        .flatMap(side -> oldestFirst(mapper.latest(riderId, kind, side, most)))
                        .sorted(Comparator.comparing(RunRow::loggedAtMs))
                        .toList())));
    }

    /** The sides runs on a kind are stored with: none on one that is ridden straight on. */
    private static Stream<@Nullable Side> sides(String kind) {
        return CourseKinds.find(kind).filter(CourseKind::isStraight).isPresent()
                ? Stream.of((@Nullable Side) null)
                : Arrays.stream(Side.values());
    }

    /** The same on every other kind that the rider has runs on, by kind. */
    public Map<String, List<Run>> latestElsewhere(long riderId, String kind, int most) {
        return storage.read(() ->
                elsewhere.get(new LatestKey(stamps.of(Stamps.Aggregate.RUNS_OF_RIDER, riderId), kind, most), () -> {
                    Map<String, List<Run>> byKind = new TreeMap<>();
                    kindsRidden(riderId).stream()
                            .filter(other -> !other.equals(kind))
                            .forEach(other -> byKind.put(other, latest(riderId, other, most)));
                    return byKind;
                }));
    }

    /** The latest runs of a rider on one day and course that still count, oldest first. */
    public List<Run> latestOfDay(long riderId, long dayId, long courseId, int most) {
        return rows.runs(
                oldestFirst(mapper.latestOfDay(riderId, dayId, courseId, most)).toList());
    }

    private static Stream<RunRow> oldestFirst(List<RunRow> newestFirst) {
        return IntStream.range(0, newestFirst.size()).mapToObj(i -> newestFirst.get(newestFirst.size() - 1 - i));
    }

    /** Runs of a rider on courses that still count, oldest first. */
    public List<Run> ofRider(long riderId) {
        return storage.read(() -> ofRider.get(
                stamps.of(Stamps.Aggregate.RUNS_OF_RIDER, riderId), () -> rows.runs(mapper.ofRider(riderId))));
    }

    /** The latest runs of a rider that count and name a drill, so many at most, oldest first. */
    public List<Run> latestOfDrill(long riderId, String drillId, int most) {
        return rows.runs(oldestFirst(mapper.ofDrill(riderId, drillId, most)).toList());
    }

    /** Drills that runs of a rider name which count. */
    public List<String> drillsRidden(long riderId) {
        return mapper.drillsRidden(riderId);
    }

    /** What a rider rode on each machine, the one last ridden first. */
    public List<MachineRuns> byMachine(long riderId) {
        return mapper.byMachine(riderId);
    }

    /** All that was ever logged of a rider, also what was corrected and undone, oldest first. */
    public List<Run> everOfRider(long riderId) {
        return rows.runs(mapper.everOfRider(riderId));
    }

    /** Runs of a day that still count, oldest first. */
    public List<Run> ofDay(long dayId) {
        return rows.runs(mapper.ofDay(dayId));
    }

    /**
     * Runs that count, by the time they were ridden, a page at a time.
     *
     * @param riderId of everybody where missing
     * @param dayId of all days where missing
     * @param after the place where the page before ended
     */
    public RunPage page(@Nullable Long riderId, @Nullable Long dayId, RunPage.Place after, int most) {
        List<RunRow> found =
                storage.read(() -> mapper.page(riderId, dayId, after.loggedAtMs(), after.rowNumber(), most));
        return new RunPage(
                rows.runs(found),
                found.size() < most ? Optional.empty() : Optional.of(RunPage.Place.of(found.get(found.size() - 1))));
    }

    /** How many runs of a day still count. */
    public int countOnDay(long dayId) {
        return mapper.countOnDay(dayId);
    }
}

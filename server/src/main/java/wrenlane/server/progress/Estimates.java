package wrenlane.server.progress;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import wrenlane.coaching.FirstRuns;
import wrenlane.coaching.advice.CoachingSettings;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.progress.CleanChance;
import wrenlane.progress.CleanSetting;
import wrenlane.progress.Trial;
import wrenlane.rider.RiderLevel;
import wrenlane.run.Run;
import wrenlane.run.RunSort;
import wrenlane.server.course.difficulty.CourseDifficulty;
import wrenlane.server.platform.calculation.BoundedCache;
import wrenlane.server.progress.practice.SelfReportedRuns;

/** What runs say of the chance of a clean one. Asks nothing of the tables. */
@Component
class Estimates {
    /** Memory for what runs were found to say, in bytes: both sides of a dozen riders over fifty days. */
    private static final long MOST_BYTES = 16_000_000;

    /** One of them, in bytes: a grid, and the runs it rests on. */
    private static final int CHANCE_BYTES = 16_000;

    /** What an estimate rests on, by which it is kept: most pages ask again of somebody who has not ridden since. */
    private record Evidence(RiderLevel level, List<Trial> trials) {}

    /** The same with what other kinds say. */
    private record EvidenceByKind(Evidence here, List<Evidence> elsewhere) {}

    private final BoundedCache<Evidence, CleanChance> kept = BoundedCache.within(MOST_BYTES, evidence -> CHANCE_BYTES);
    private final BoundedCache<EvidenceByKind, CleanChance> keptBesides =
            BoundedCache.within(MOST_BYTES, evidence -> CHANCE_BYTES);
    private final CourseDifficulty difficulty;

    Estimates(CourseDifficulty difficulty) {
        this.difficulty = difficulty;
    }

    /**
     * The chances of a rider to each side.
     *
     * @param some of the runs read, oldest first
     */
    Map<Side, CleanChance> of(RiderLevel level, RiderRuns read, List<Run> some) {
        Map<Side, List<Trial>> trials = trials(read, some);
        List<Map<Side, List<Trial>>> elsewhere = read.elsewhere().stream()
                .flatMap(other -> upTo(until(read, some), other).stream().map(runs -> trials(other, runs)))
                .toList();
        Map<Side, CleanChance> chances = new EnumMap<>(Side.class);
        trials.forEach((side, of) -> chances.put(
                side,
                chance(
                        new Evidence(level, of),
                        elsewhere.stream()
                                .flatMap(other -> Stream.ofNullable(other.get(side)))
                                .filter(other -> !other.isEmpty())
                                .map(other -> new Evidence(level, other))
                                .toList())));
        return chances;
    }

    private CleanChance chance(Evidence here, List<Evidence> elsewhere) {
        if (elsewhere.isEmpty()) {
            return chance(here);
        }
        return keptBesides.get(
                new EvidenceByKind(here, elsewhere),
                () -> chance(here)
                        .besides(
                                here.level(),
                                elsewhere.stream().map(this::chance).toList()));
    }

    private CleanChance chance(Evidence evidence) {
        return kept.get(evidence, () -> CleanChance.of(evidence.level(), evidence.trials()));
    }

    /** Up to when what was done elsewhere counts: the last of some runs, or now where they are all. */
    private static Instant until(RiderRuns read, List<Run> some) {
        return some.size() == read.runs().size()
                ? Instant.MAX
                : some.get(some.size() - 1).at();
    }

    /** Runs of another kind up to an instant; empty where there are none. */
    private static Optional<List<Run>> upTo(Instant until, RiderRuns other) {
        List<Run> runs =
                other.runs().stream().filter(r -> !r.at().isAfter(until)).toList();
        return runs.isEmpty() ? Optional.empty() : Optional.of(runs);
    }

    /** Finds how hard runs were that were read. */
    RunAssessor assessor(RiderRuns read) {
        return new RunAssessor(difficulty, read.turns());
    }

    /**
     * What runs say to each side: all but the first at a setting new to the rider, as far back as runs are read, and not what
     * was broken off; and what practice alone says, up to the last of some runs, or to now where they are all, and where only
     * the latest are read, since the first of those.
     */
    private Map<Side, List<Trial>> trials(RiderRuns read, List<Run> some) {
        List<Run> latest = latest(some);
        boolean fromTheFirst = isFromTheFirst(latest);
        List<Run> counted =
                fromTheFirst ? FirstRuns.scored(latest, Run::isLike, CoachingSettings.USUAL.unscored()) : latest;
        RunAssessor assessor = assessor(read);
        Map<Side, List<Trial>> trials = new EnumMap<>(Side.class);
        Arrays.stream(Side.values()).forEach(side -> trials.put(side, new ArrayList<>()));
        for (Run run : counted) {
            Trial.of(assessor.assess(run))
                    .ifPresent(
                            trial -> trials.computeIfAbsent(run.sideOfCourse().orElseThrow(), s -> new ArrayList<>())
                                    .add(trial));
        }
        addTold(trials, read, fromTheFirst ? Instant.MIN : latest.get(0).at(), until(read, some));
        return trials;
    }

    /** Adds what practice alone says, from one instant to another. */
    private void addTold(Map<Side, List<Trial>> trials, RiderRuns read, Instant from, Instant to) {
        for (SelfReportedRuns told : read.told()) {
            MachineTurn turn = read.turns().get(told.machineId());
            if (turn != null && !told.at().isBefore(from) && !told.at().isAfter(to)) {
                difficulty
                        .of(told.course(), turn, told.side())
                        .at(told.settingMetres())
                        .flatMap(t -> Trial.told(t, told.told(), told.at()))
                        .ifPresent(trial -> trials.computeIfAbsent(told.side(), s -> new ArrayList<>())
                                .add(trial));
            }
        }
    }

    /** As many to each side as are read where only the latest are, so that every page says the same. */
    static List<Run> latest(List<Run> all) {
        Map<Side, Integer> more = new EnumMap<>(Side.class);
        List<Run> latest = new ArrayList<>();
        for (int i = all.size() - 1; i >= 0; i--) {
            Run r = all.get(i);
            if (r.detail().sort() != RunSort.BROKEN_OFF
                    && more.merge(r.sideOfCourse().orElseThrow(), 1, Integer::sum) <= CleanSetting.LATEST_RUNS) {
                latest.add(r);
            }
        }
        Collections.reverse(latest);
        return latest;
    }

    /** Whether runs reach back to the rider's first, and are not the latest alone. */
    private static boolean isFromTheFirst(List<Run> some) {
        return Arrays.stream(Side.values())
                .allMatch(side -> some.stream().filter(r -> r.isTo(side)).count() != CleanSetting.LATEST_RUNS);
    }
}

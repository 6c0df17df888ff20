package wrenlane.lesson;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import wrenlane.lesson.Block.Turn;
import wrenlane.machine.Side;

/**
 * A lesson while it is given: which blocks are on, for how long still, and who is up. It is begun with a lesson plan, which
 * then stays as it is, whatever the runs logged meanwhile would change in a new plan.
 *
 * @param blocks the lesson plan, by start, then by area
 * @param begunAt when the lesson began
 * @param step which of its steps is on; blocks that start together are one step
 * @param since when this step began, later by as long as it was paused
 * @param pausedAt when it was paused; missing while it goes on
 * @param away riders who are not there (yet, or any more)
 * @param passed turns in this step that went by without a run being logged
 */
public record LiveLesson(
        List<Block> blocks,
        Instant begunAt,
        int step,
        Instant since,
        Optional<Instant> pausedAt,
        Set<String> away,
        List<SkippedTurn> passed) {
    /** A rider's turn that went by without a run being logged: skipped, or ridden where nothing is. */
    public record SkippedTurn(String rider, Instant at) {}

    private static final double SECONDS_A_MINUTE = 60;

    public LiveLesson {
        blocks = List.copyOf(blocks);
        away = Set.copyOf(away);
        passed = List.copyOf(passed);
        int steps = (int) starts(blocks).count();
        if (!(step >= 0 && step <= steps)) {
            throw new IllegalArgumentException("step is " + step + "; it lies between 0 and " + steps);
        }
    }

    /**
     * Begins a lesson.
     *
     * @param blocks at least one
     */
    public static LiveLesson begin(List<Block> blocks, Set<String> away, Instant now) {
        if (blocks.isEmpty()) {
            throw new IllegalArgumentException("a lesson has at least one block");
        }
        return new LiveLesson(blocks, now, 0, now, Optional.empty(), away, List.of());
    }

    private static IntStream starts(List<Block> blocks) {
        return blocks.stream().mapToInt(Block::startMinute).distinct().sorted();
    }

    private Optional<Integer> startOf(int some) {
        return starts(blocks).skip(some).boxed().findFirst();
    }

    /** Whether all of it is over. */
    public boolean isOver() {
        return startOf(step).isEmpty();
    }

    /** The blocks that are on, one for each area; none when the lesson is over. */
    public List<Block> now() {
        return startOf(step).map(this::startingAt).orElse(List.of());
    }

    /** By area, as the lesson plan has them. */
    private List<Block> startingAt(int minute) {
        return blocks.stream().filter(b -> b.startMinute() == minute).toList();
    }

    /** What comes after; none in the last step. */
    public List<Block> next() {
        return isOver() ? List.of() : at(step + 1, since).now();
    }

    /** When this step should end: the longest of its blocks. Missing when the lesson is over. */
    public Optional<Instant> endsAt(Instant now) {
        Duration held = pausedAt.map(at -> Duration.between(at, now)).orElse(Duration.ZERO);
        return minutes().map(m -> since.plus(held).plus(Duration.ofMinutes(m)));
    }

    private Optional<Integer> minutes() {
        return now().stream().map(Block::minutes).max(Comparator.naturalOrder());
    }

    /** When the next rest should begin; missing where there is none to come, or it is on. */
    public Optional<Instant> restAt(Instant now) {
        return endsAt(now).flatMap(end -> {
            int endMinute = startOf(step).orElseThrow() + minutes().orElseThrow();
            return blocks.stream()
                    .filter(b -> b.sort() == Block.Sort.REST && b.startMinute() >= endMinute)
                    .findFirst()
                    .map(rest -> end.plus(Duration.ofMinutes((long) rest.startMinute() - endMinute)));
        });
    }

    /**
     * How far behind the lesson plan the lesson will be when this step ends, if it ends no sooner than planned: below zero
     * where it is ahead. A step that is over its time ends now.
     */
    public Duration behind(Instant now) {
        return endsAt(now)
                .map(end -> {
                    int endMinute = startOf(step).orElseThrow() + minutes().orElseThrow();
                    Instant planned = begunAt.plus(Duration.ofMinutes(endMinute));
                    return Duration.between(planned, end.isBefore(now) ? now : end);
                })
                .orElse(Duration.ZERO);
    }

    private LiveLesson at(int other, Instant when) {
        return new LiveLesson(blocks, begunAt, other, when, Optional.empty(), away, List.of());
    }

    /** The step after this one begins. */
    public LiveLesson onward(Instant now) {
        return isOver() ? this : at(step + 1, now);
    }

    /** The step before this one begins once more. */
    public LiveLesson back(Instant now) {
        return step == 0 ? this : at(step - 1, now);
    }

    /**
     * When the step that is on ends, in minutes from the start of the lesson, if it ends no sooner than planned: what is
     * planned anew begins there.
     */
    public int minuteAfterStep(Instant now) {
        Instant end = endsAt(now).filter(at -> at.isAfter(now)).orElse(now);
        return (int) Math.ceil(Duration.between(begunAt, end).toSeconds() / SECONDS_A_MINUTE);
    }

    /** When the lesson was to end, in minutes from its start. */
    public int endMinute() {
        return blocks.stream().mapToInt(Block::endMinute).max().orElseThrow();
    }

    /** Minutes ridden since the last rest or talk when the step that is on ends, by the plan. */
    public int riddenAtEndOfStep() {
        int ridden = 0;
        for (int start : starts(blocks).limit(step + 1L).toArray()) {
            List<Block> on = startingAt(start);
            int longest = on.stream().mapToInt(Block::minutes).max().orElse(0);
            if (on.stream().anyMatch(b -> b.sort().isRiding())) {
                ridden += longest;
            } else if (on.stream().allMatch(b -> b.sort() != Block.Sort.CHANGE_OVER)) {
                ridden = 0;
            }
        }
        return ridden;
    }

    /** What stands in each area at the end of the step that is on; empty where no area has been ridden on. */
    public List<String> standing() {
        List<String> standing = new ArrayList<>();
        for (int start : starts(blocks).limit(step + 1L).toArray()) {
            List<String> on = startingAt(start).stream()
                    .flatMap(b -> b.station().stream())
                    .toList();
            if (!on.isEmpty()) {
                standing = on;
            }
        }
        return List.copyOf(standing);
    }

    /**
     * Stations of the rounds of drills that were still to come, in their order, those of one round side by side. Groups that
     * change places within a round ride the same stations again, which are said once.
     */
    public List<String> stationsToCome() {
        int now = startOf(step).orElse(Integer.MAX_VALUE);
        List<String> toCome = new ArrayList<>();
        List<String> before = List.of();
        for (int start : starts(blocks).filter(s -> s > now).toArray()) {
            List<String> round = startingAt(start).stream()
                    .filter(b -> b.sort() == Block.Sort.DRILLS)
                    .flatMap(b -> b.station().stream())
                    .toList();
            if (!round.isEmpty() && !round.equals(before)) {
                toCome.addAll(round);
                before = round;
            }
        }
        return List.copyOf(toCome);
    }

    /**
     * The same with another order from the end of this step on. This step keeps its length, and is taken to lie where it really
     * does, so that the lesson is neither behind nor ahead from there.
     *
     * @param rest begins at minute 0; at least one block
     */
    public LiveLesson planned(List<Block> rest, Instant now) {
        if (rest.isEmpty() || isOver()) {
            throw new IllegalArgumentException("there is no rest of the lesson to plan: it is over, or rest is empty");
        }
        int start = startOf(step).orElseThrow();
        int end = start + minutes().orElseThrow();
        int late = Math.max(0, minuteAfterStep(now) - end);
        List<Block> next = new ArrayList<>();
        blocks.stream()
                .filter(b -> b.startMinute() <= start)
                .map(b -> b.startMinute() == start ? b.later(late) : b)
                .forEach(next::add);
        rest.stream().map(b -> b.later(end + late)).forEach(next::add);
        return new LiveLesson(next, begunAt, step, since, pausedAt, away, passed);
    }

    /** The clock stands still. */
    public LiveLesson pause(Instant now) {
        return pausedAt.isPresent() || isOver()
                ? this
                : new LiveLesson(blocks, begunAt, step, since, Optional.of(now), away, passed);
    }

    /** The clock goes on from where it stood. */
    public LiveLesson goOn(Instant now) {
        return pausedAt.map(at -> new LiveLesson(
                        blocks, begunAt, step, since.plus(Duration.between(at, now)), Optional.empty(), away, passed))
                .orElse(this);
    }

    /** A rider's turn goes by: skipped, or ridden where nothing is logged. */
    public LiveLesson pass(String rider, Instant now) {
        List<SkippedTurn> more = new ArrayList<>(passed);
        more.add(new SkippedTurn(rider, now));
        return new LiveLesson(blocks, begunAt, step, since, pausedAt, away, more);
    }

    /** A rider leaves, or comes. */
    public LiveLesson withAway(String rider, boolean isAway) {
        Set<String> others = new HashSet<>(away);
        if (isAway) {
            others.add(rider);
        } else {
            others.remove(rider);
        }
        return new LiveLesson(blocks, begunAt, step, since, pausedAt, others, passed);
    }

    /**
     * A run as far as the order asks.
     *
     * @param station it was ridden at; {@link Station#OPEN} without a course
     * @param drill id of the drill it names; missing where it names none
     * @param side turned to; missing where it has none
     * @param at when it was logged
     */
    public record LessonRun(String rider, String station, Optional<String> drill, Optional<Side> side, Instant at) {
        boolean isOf(RiderTask task) {
            return drill.map(task.drillId()::equals).orElse(true);
        }
    }

    /**
     * Somebody who has turns left in a block.
     *
     * @param task what they ride
     * @param side to turn to; missing where sides are not ridden one at a time
     * @param done runs of theirs that were logged in this step, or went by
     * @param of how many are planned
     */
    public record NextRider(String rider, RiderTask task, Optional<Side> side, int done, int of) {}

    /**
     * Who rides next in a block, and who after. Riders take turns: whoever has waited longest is next, in the order of the plan
     * among those who have not ridden yet; so somebody who comes late is next once, and then one among the others. Each
     * alternates sides, beginning on the weak one, as far as the plan has runs to both.
     *
     * @param block one of those that are on
     * @param ridden runs of the day, in any order; those of this step and station, and of the drill ridden there, count
     * @return everybody with turns left, the next first; empty when all is ridden
     */
    public List<NextRider> order(Block block, List<LessonRun> ridden) {
        return turns(block, ridden).stream().filter(up -> up.done() < up.of()).toList();
    }

    /** The same with those who have no turns left. */
    public List<NextRider> turns(Block block, List<LessonRun> ridden) {
        List<LessonRun> here = ridden.stream()
                .filter(r -> !r.at().isBefore(since))
                .filter(r -> block.station().filter(r.station()::equals).isPresent())
                .toList();
        return block.turns().stream()
                .filter(t -> !away.contains(t.rider()))
                .sorted(Comparator.comparing(t -> lastTurn(t.rider(), own(t, here))))
                .map(t -> up(t, own(t, here)))
                .toList();
    }

    private static List<LessonRun> own(Turn turn, List<LessonRun> here) {
        return here.stream()
                .filter(r -> r.rider().equals(turn.rider()) && r.isOf(turn.task()))
                .toList();
    }

    private Instant lastTurn(String rider, List<LessonRun> own) {
        return Stream.concat(own.stream().map(LessonRun::at), passes(rider))
                .max(Comparator.naturalOrder())
                .orElse(Instant.MIN);
    }

    private Stream<Instant> passes(String rider) {
        return passed.stream().filter(p -> p.rider().equals(rider)).map(SkippedTurn::at);
    }

    private NextRider up(Turn turn, List<LessonRun> own) {
        int done = own.size() + (int) passes(turn.rider()).count();
        Optional<Side> side = turn.task().eachSide() ? Optional.of(side(turn, own)) : Optional.empty();
        return new NextRider(turn.rider(), turn.task(), side, done, turn.runs());
    }

    private static Side side(Turn turn, List<LessonRun> own) {
        Side first = turn.task().weakSide().orElse(Side.LEFT);
        Side second = first.opposite();
        int doneFirst = (int) own.stream()
                .filter(r -> r.side().filter(s -> s == first).isPresent())
                .count();
        int doneSecond = own.size() - doneFirst;
        boolean firstDone = doneFirst >= turn.runsTo(first);
        boolean secondDone = doneSecond >= turn.runsTo(second);
        if (firstDone != secondDone) {
            return firstDone ? second : first;
        }
        return doneFirst <= doneSecond ? first : second;
    }
}

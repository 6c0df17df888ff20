package wrenlane.lesson;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.lesson.Block.Sort;
import wrenlane.lesson.Block.Turn;

/**
 * Goes through a lesson, block by block and rider by rider, and says which rules it breaks. Knows nothing of how it was
 * made.
 */
public final class LessonChecker {
    /** Share of the time by which the hardest has to have begun; from practice: hands and heads tire. */
    private static final double BY_THEN = 2 / 3.0;

    private final LessonBrief brief;
    private final List<Block> blocks;
    private final Checks checks = new Checks();

    private LessonChecker(LessonBrief brief, Lesson lesson) {
        this.brief = brief;
        this.blocks = lesson.blocks();
    }

    /** Everything a lesson breaks; nothing for a right one. */
    public static List<Finding> check(LessonBrief brief, Lesson lesson) {
        LessonChecker checker = new LessonChecker(brief, lesson);
        checker.time();
        checker.places();
        checker.frame();
        checker.changes();
        checker.timedRides();
        checker.runs();
        checker.rests();
        checker.sides();
        checker.equality(lesson);
        checker.hardest();
        return checker.checks.findings();
    }

    private void found(String code, int block, String message) {
        checks.add(code, "blocks." + block, message);
    }

    private void time() {
        int end = blocks.stream().mapToInt(Block::endMinute).max().orElse(0);
        if (end > brief.minutes()) {
            checks.add("too-short", "minutes", "This takes " + end + " min and there are " + brief.minutes() + ".");
        }
    }

    /** Nobody is in two places, no area holds two things, and no more machines move than are watched. */
    private void places() {
        for (int i = 0; i < blocks.size(); i++) {
            for (int j = i + 1; j < blocks.size(); j++) {
                Block a = blocks.get(i);
                Block b = blocks.get(j);
                if (b.startMinute() >= a.endMinute() || a.startMinute() >= b.endMinute()) {
                    continue;
                }
                boolean sameGround = a.area() == b.area()
                        || a.station().isEmpty()
                        || b.station().isEmpty();
                if (sameGround) {
                    found(
                            "overlap",
                            j,
                            b.sort().label() + " begins before " + a.sort().label() + " has ended.");
                }
                if (a.area() != b.area()) {
                    besideOneAnother(a, b, j);
                }
                Set<String> both = riders(a);
                both.retainAll(riders(b));
                if (!both.isEmpty()) {
                    found("two-places", j, both + " would have to be in two places at once.");
                }
            }
        }
        for (int i = 0; i < blocks.size(); i++) {
            if (blocks.get(i).area() >= brief.watchedAreas()) {
                found("unwatched", i, "Nobody watches area " + (blocks.get(i).area() + 1) + ".");
            }
        }
    }

    /** Two blocks at the same time in two areas, the second with this number. */
    private void besideOneAnother(Block a, Block b, int number) {
        Optional<Station> one = a.station().flatMap(brief::station);
        Optional<Station> other = b.station().flatMap(brief::station);
        if (one.isEmpty() || other.isEmpty() || one.get().mayBeBeside(other.get())) {
            return;
        }
        if (one.equals(other)) {
            found("one-course", number, "One course would be ridden in two areas at once.");
        } else {
            found(
                    "shared-ground",
                    number,
                    one.get().name() + " and " + other.get().name()
                            + " share ground or cones, and would be ridden at once.");
        }
    }

    private static Set<String> riders(Block block) {
        Set<String> riders = new HashSet<>();
        block.turns().forEach(t -> riders.add(t.rider()));
        return riders;
    }

    /** It begins with the briefing and a warm-up, and ends with a success and the debrief. */
    private void frame() {
        boolean whole = brief.underWay().isEmpty();
        if (blocks.isEmpty()
                || (whole && blocks.get(0).sort() != Sort.BRIEFING)
                || blocks.get(blocks.size() - 1).sort() != Sort.DEBRIEF) {
            checks.add("frame", "blocks", "A lesson begins with briefing and checks, and ends with the debrief.");
        }
        List<Sort> riding =
                blocks.stream().map(Block::sort).filter(Sort::isRiding).toList();
        if (riding.isEmpty()
                || (whole && riding.get(0) != Sort.WARM_UP)
                || riding.get(riding.size() - 1) != Sort.CLOSING) {
            checks.add("frame", "blocks", "Riding begins with a warm-up and ends with a success.");
        }
        if (!riding.contains(Sort.DRILLS)) {
            checks.add("no-drill", "blocks", "There is no time for a drill.");
        }
        for (int i = 0; i < blocks.size(); i++) {
            Block block = blocks.get(i);
            if (block.sort() == Sort.CLOSING && block.turns().stream().anyMatch(t -> !t.easier())) {
                found("closing", i, "The last thing is ridden two steps easier than the best, so that it succeeds.");
            }
        }
    }

    /** Cones are laid before anybody rides through them. */
    private void changes() {
        Map<Integer, Station> standing = new LinkedHashMap<>();
        for (int area = 0; area < brief.areas(); area++) {
            int here = area;
            brief.standing(area).ifPresent(station -> standing.put(here, station));
        }
        Map<Integer, Integer> prepared = new LinkedHashMap<>();
        for (int i = 0; i < blocks.size(); i++) {
            Block block = blocks.get(i);
            Station station = block.station().flatMap(brief::station).orElse(null);
            if (block.sort() == Sort.CHANGE_OVER) {
                prepared.merge(block.area(), block.minutes(), Integer::sum);
            } else if (station != null
                    && block.sort().isRiding()
                    && !station.id().equals(Station.OPEN)) {
                int needed = station.minutesAfter(Optional.ofNullable(standing.get(block.area())));
                int had = prepared.getOrDefault(block.area(), 0);
                if (had < needed) {
                    found(
                            "changeover",
                            i,
                            "Setting out " + station.name() + " takes " + needed + " min; there are " + had + ".");
                }
                standing.put(block.area(), station);
                prepared.remove(block.area());
            }
        }
    }

    /** Nobody rides for longer without a break than the drill allows on their machine. */
    private void timedRides() {
        for (int i = 0; i < blocks.size(); i++) {
            Block block = blocks.get(i);
            Station station = block.station().flatMap(brief::station).orElse(null);
            if (station == null) {
                continue;
            }
            for (Turn turn : block.turns()) {
                double ridden = turn.runs() * station.passSeconds() / 60.0;
                if (ridden > turn.task().longestMinutes() && turn.runs() > 2) {
                    found(
                            "timed-ride",
                            i,
                            turn.task().drillName() + " is ridden for at most "
                                    + turn.task().longestMinutes() + " min without a break; here it would be "
                                    + Math.round(ridden) + ". Make it shorter.");
                    break;
                }
            }
        }
    }

    /** As many runs as there is time for, one machine moving at a time. */
    private void runs() {
        for (int i = 0; i < blocks.size(); i++) {
            Block block = blocks.get(i);
            int pass = block.station()
                    .flatMap(brief::station)
                    .map(Station::passSeconds)
                    .orElse(0);
            int seconds = block.turns().stream().mapToInt(Turn::runs).sum() * pass;
            if (seconds > block.minutes() * 60) {
                found(
                        "too-many-runs",
                        i,
                        "These runs take " + (seconds + 59) / 60 + " min, one machine moving at a time; there are "
                                + block.minutes() + ".");
            }
        }
    }

    private void rests() {
        int limit = brief.weather().longestMinutes();
        Map<Integer, Integer> since = new LinkedHashMap<>();
        for (int area = 0; area < brief.areas(); area++) {
            since.put(area, brief.riddenBefore());
        }
        for (int i = 0; i < blocks.size(); i++) {
            Block block = blocks.get(i);
            if (block.sort().isRiding()) {
                int ridden = since.merge(block.area(), block.minutes(), Integer::sum);
                if (ridden > limit) {
                    found(
                            "rest",
                            i,
                            "Riding goes on for " + ridden + " min here; " + limit + " is enough when it is "
                                    + brief.weather().label() + ".");
                }
            } else if (block.sort() != Sort.CHANGE_OVER) {
                since.clear();
            }
        }
    }

    /** Both sides alike; the weak one may have a run more. */
    private void sides() {
        for (int i = 0; i < blocks.size(); i++) {
            for (Turn turn : blocks.get(i).turns()) {
                boolean more = turn.task().weakSide().isPresent();
                if (turn.task().eachSide() && turn.runs() % 2 != 0 && !more) {
                    found(
                            "sides",
                            i,
                            "One side would be ridden more than the other in "
                                    + turn.task().drillName() + ".");
                    break;
                }
            }
        }
    }

    /** Everybody rides alike, within one run. */
    private void equality(Lesson lesson) {
        int least = brief.riders().stream().mapToInt(lesson::runs).min().orElse(0);
        int most = brief.riders().stream().mapToInt(lesson::runs).max().orElse(0);
        if (most - least > 1) {
            checks.add("unequal", "riders", "Some ride " + most + " runs and others " + least + ".");
        }
        if (least == 0) {
            checks.add("nobody", "riders", "Somebody does not ride at all.");
        }
    }

    /** The hardest comes before tiredness, unless there is nothing else to ride before it. */
    private void hardest() {
        int hardest = -1;
        int at = -1;
        boolean easierBefore = false;
        for (int i = 0; i < blocks.size(); i++) {
            int hardness = hardness(blocks.get(i));
            if (hardness > hardest) {
                easierBefore = hardest >= 0;
                hardest = hardness;
                at = i;
            }
        }
        if (easierBefore && blocks.get(at).startMinute() > BY_THEN * brief.minutes()) {
            found(
                    "hardest-late",
                    at,
                    "The hardest comes after two thirds of the time, when hands and heads are tired.");
        }
    }

    private static int hardness(Block block) {
        return block.sort() == Sort.DRILLS
                ? block.turns().stream()
                        .mapToInt(t -> t.task().stage().ordinal())
                        .max()
                        .orElse(-1)
                : -1;
    }
}

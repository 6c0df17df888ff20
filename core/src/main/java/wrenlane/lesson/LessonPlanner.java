package wrenlane.lesson;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wrenlane.finding.Finding;

/**
 * Plans a lesson: briefing, warm-up, rounds of drills with their changeovers, rests, a closing success, debrief.
 *
 * <p>What is ridden is looked for by {@link RoundSearch}, or it is as the instructor wishes. Where that does not fit, talks are
 * made shorter, then fewer areas are ridden on, since each group has to ride everywhere. What a lesson keeps is said in
 * {@link LessonChecker}, which is asked last; what it finds goes out with it.
 */
public final class LessonPlanner {
    /** Minutes that may be left over at the end before it is said; chosen by us: a debrief has use for as many. */
    private static final int SPARE = 10;

    private final LessonBrief brief;
    private final Timetable timetable;
    private final RoundLength length;
    private final int areas;

    private LessonPlanner(LessonBrief brief, boolean longTalks, int areas) {
        this.brief = brief;
        this.areas = areas;
        this.timetable = new Timetable(brief, usable(brief), longTalks, areas);
        this.length = new RoundLength(brief, timetable, areas);
    }

    /**
     * The lesson for a brief. What could not be met is said among its findings.
     *
     * @throws IllegalArgumentException where open ground, on which everybody has something to ride, is missing
     */
    public static Lesson plan(LessonBrief brief) {
        checkOpenGround(brief);
        int most = Math.max(1, Math.min(brief.watchedAreas(), usable(brief).size()));
        List<Block> blocks = new LessonPlanner(brief, true, most).blocks();
        int areas = most;
        while (end(blocks) > brief.minutes() && areas > 0) {
            List<Block> shorter = new LessonPlanner(brief, false, areas).blocks();
            blocks = end(shorter) < end(blocks) ? shorter : blocks;
            areas--;
        }
        blocks = ExtraRun.toWeakSides(brief, blocks);
        int ridden = 1 + blocks.stream().mapToInt(Block::area).max().orElse(0);
        List<Finding> findings = new ArrayList<>(leftOut(brief));
        findings.addAll(unused(brief, ridden));
        findings.addAll(spare(blocks));
        findings.addAll(LessonChecker.check(brief, new Lesson(blocks, List.of())));
        return new Lesson(blocks, findings);
    }

    /**
     * The rest of a lesson: what was still to come in its order, as far as the time allows; what comes last goes first. Where
     * nothing of it fits the planner chooses.
     *
     * @param brief of a lesson under way, with what was to come as its wishes
     */
    public static Lesson rest(LessonBrief brief) {
        for (int kept = brief.wishes().size(); kept > 0; kept--) {
            Lesson lesson = plan(brief.with(brief.minutes(), brief.wishes().subList(0, kept)));
            if (end(lesson.blocks()) <= brief.minutes()) {
                return lesson;
            }
        }
        return plan(brief.with(brief.minutes(), List.of()));
    }

    /** The shortest lesson in which everybody rides something, in minutes. */
    public static int shortestMinutes(LessonBrief brief) {
        return shortestMinutes(brief, List.of());
    }

    /** The same with some wishes. */
    static int shortestMinutes(LessonBrief brief, List<Wish> wishes) {
        return end(plan(brief.with(LessonBrief.SHORTEST, wishes)).blocks());
    }

    private static void checkOpenGround(LessonBrief brief) {
        Station open = brief.station(Station.OPEN)
                .orElseThrow(() -> new IllegalArgumentException("stations lack open ground"));
        if (!open.isForAll(brief.everyone())) {
            throw new IllegalArgumentException("somebody has nothing to ride on open ground: "
                    + brief.riders().stream()
                            .filter(r -> open.task(r).isEmpty())
                            .toList());
        }
    }

    private static int end(List<Block> blocks) {
        return blocks.stream().mapToInt(Block::endMinute).max().orElse(0);
    }

    /** Stations on which everybody has something to ride, worth most first. */
    private static List<Station> usable(LessonBrief brief) {
        return brief.stations().stream()
                .filter(s -> s.isForAll(brief.everyone()))
                .sorted(Comparator.comparingDouble((Station s) -> RoundSearch.worth(brief, s))
                        .reversed())
                .toList();
    }

    private static List<Finding> leftOut(LessonBrief brief) {
        List<Finding> findings = new ArrayList<>();
        for (Station station : brief.stations()) {
            long without = brief.riders().stream()
                    .filter(r -> station.task(r).isEmpty())
                    .count();
            if (without > 0
                    && brief.wishes().stream().noneMatch(w -> w.station().equals(station.id()))) {
                findings.add(new Finding(
                        "not-for-all",
                        "stations." + station.id(),
                        station.name() + " is left out: " + without + " of "
                                + brief.riders().size() + (without == 1 ? " has" : " have")
                                + " no drill they are ready for there."));
            }
        }
        return findings;
    }

    private static List<Finding> spare(List<Block> blocks) {
        Block debrief = blocks.get(blocks.size() - 1);
        int left = debrief.minutes() - SPARE;
        return left > SPARE
                ? List.of(
                        new Finding(
                                "time-left",
                                "minutes",
                                left
                                        + " min are left before the debrief. Add a station or another course, or make the lesson shorter."))
                : List.of();
    }

    private static List<Finding> unused(LessonBrief brief, int ridden) {
        if (ridden < brief.watchedAreas()) {
            return List.of(
                    new Finding(
                            "fewer-areas",
                            "areas",
                            "Only " + ridden + " of " + brief.watchedAreas()
                                    + " areas are ridden on: each group rides everywhere, and there are not the stations or not the time for more."));
        }
        return ridden < Math.min(brief.areas(), brief.riders().size())
                ? List.of(
                        new Finding(
                                "areas-unwatched",
                                "areas",
                                "Only " + ridden + " of " + brief.areas()
                                        + " areas are ridden on: one machine moves in each, and somebody watches it. Each helper opens one more."))
                : List.of();
    }

    private List<Block> blocks() {
        return timetable.blocks(
                brief.wishes().isEmpty()
                        ? new RoundSearch(brief, timetable, length, usable(brief), areas).rounds()
                        : wished());
    }

    /** In the order and for the minutes the instructor wants; what is open is shared out alike. */
    private List<Round> wished() {
        List<Wish> wishes = brief.wishes();
        List<Station> order = new ArrayList<>();
        wishes.forEach(w -> order.add(brief.station(w.station()).orElseThrow()));
        while (order.size() % areas != 0) {
            order.add(brief.station(Station.OPEN).orElseThrow());
        }
        List<Round> rounds = new ArrayList<>();
        for (int shared = RoundLength.LONGEST_ROUND; shared >= 1; shared--) {
            rounds = wished(order, shared);
            if (timetable.outline(rounds).endMinute() <= brief.minutes()) {
                break;
            }
        }
        return rounds;
    }

    private List<Round> wished(List<Station> order, int shared) {
        List<Round> rounds = new ArrayList<>();
        for (int i = 0; i * areas < order.size(); i++) {
            List<Station> set = List.copyOf(order.subList(i * areas, (i + 1) * areas));
            int open = Math.max(length.shortest(set), Math.min(length.longest(set), shared));
            rounds.add(new Round(set, brief.wishes().get(i * areas).minutes().orElse(open)));
        }
        return rounds;
    }
}

package wrenlane.lesson;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wrenlane.finding.Finding;

/**
 * Plans a lesson: briefing, warm-up, rounds of drills with their change-overs, rests, a closing success, debrief.
 *
 * <p>Constructive. What is ridden is chosen by weighing up every order of the few stations worth most (or it is as the
 * instructor wishes): the sum over rounds of what a minute is worth to the riders there times its minutes, less what
 * change-overs take; an order in which the hardest comes too late is worth far less. Rounds are as long as the time allows,
 * all alike but for what is left over in the end. Where that does not fit, talks are made shorter, then fewer areas are ridden on, since each group has to ride
 * everywhere. What a lesson keeps is said in {@link LessonChecker}, which is asked last; what it finds goes out with it.
 */
public final class LessonPlanner {
    /** Shortest useful time of one rider at one station, in minutes; from practice. */
    private static final int SHORTEST_EACH = 2;

    /** A round that is shorter than this is not worth walking to, in minutes; chosen by us. */
    private static final int SHORTEST_ROUND = 10;

    /** Longest time at one station, in minutes; from practice: attention goes before the clutch does. */
    private static final int LONGEST_ROUND = 25;

    /** Stations of which every order is weighed up; chosen by us: 8 · 7 · 6 · 5 orders take some tens of milliseconds. */
    private static final int WEIGHED = 8;

    private static final int MOST_ROUNDS = 4;

    /** Few enough stations that each may come a second time; what is repeated is worth half. */
    private static final int REPEATED = 4;

    /** Minutes that may be left over at the end before it is said; chosen by us: a debrief has use for as many. */
    private static final int SPARE = 10;

    /** Share of the time by which the hardest should have begun; from practice: hands and heads tire. */
    private static final double BY_THEN = 2 / 3.0;

    /** What the hardest at the end costs each rider, in worth-minutes; chosen by us: more than any station gains. */
    private static final double LATE = 200;

    /** What going back to easier ground on the way up costs; chosen by us: decides between orders that are alike otherwise. */
    private static final double DOWN = 1;

    private final LessonBrief brief;
    private final Timetable timetable;
    private final int areas;

    private LessonPlanner(LessonBrief brief, boolean longTalks, int areas) {
        this.brief = brief;
        this.areas = areas;
        this.timetable = new Timetable(brief, usable(brief), longTalks, areas);
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
        blocks = OneMore.toWeakSides(brief, blocks);
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
                .sorted(Comparator.comparingDouble((Station s) -> worth(brief, s))
                        .reversed())
                .toList();
    }

    private static double worth(LessonBrief brief, Station station) {
        return brief.riders().stream()
                .flatMap(r -> station.task(r).stream())
                .mapToDouble(RiderTask::worth)
                .sum();
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
                                + " nothing to ride there before what it rests on is mastered."));
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
        return timetable.blocks(brief.wishes().isEmpty() ? chosen() : wished());
    }

    /** As short as riders can still make use of: two minutes each, and two runs. */
    private int shortest(List<Station> together) {
        int group = (brief.riders().size() + areas - 1) / areas;
        int runs = together.stream().mapToInt(timetable::twoRunsEach).max().orElse(0);
        return Math.max(Math.max(SHORTEST_ROUND, group * SHORTEST_EACH), runs);
    }

    /** As long as attention, heat and clutches last: riders take turns, so a group rides that many times a spell. */
    private int longest(List<Station> together) {
        int group = Math.max(1, brief.riders().size() / areas);
        int spells = together.stream()
                .mapToInt(s -> s.shortestSpellMinutes() * group)
                .min()
                .orElse(LONGEST_ROUND);
        int most = Math.min(Math.min(LONGEST_ROUND, brief.weather().longestMinutes()), spells);
        return Math.max(shortest(together), most);
    }

    /** A sequence of rounds under trial, and what it is worth. */
    private record Trial(List<Round> rounds, double worth) {
        static Trial better(Trial a, Trial b) {
            return b.worth > a.worth ? b : a;
        }
    }

    private List<Round> chosen() {
        List<Station> few = usable(brief).stream().limit(WEIGHED).toList();
        Trial best = new Trial(List.of(), Double.NEGATIVE_INFINITY);
        int times = few.size() <= REPEATED ? 2 : 1;
        int most = Math.min(MOST_ROUNDS, times * few.size() / areas);
        for (int count = 1; count <= most; count++) {
            best = Trial.better(best, orders(few, count * areas, new ArrayList<>()));
        }
        return stretched(best.rounds());
    }

    /** What time is left goes to the rounds in turn, a minute each, as far as each may be long and nothing gets worse for it. */
    private List<Round> stretched(List<Round> rounds) {
        List<Round> longest = rounds;
        for (boolean longer = true; longer; ) {
            longer = false;
            for (int i = 0; i < rounds.size(); i++) {
                Round round = longest.get(i);
                List<Round> tried = new ArrayList<>(longest);
                tried.set(i, new Round(round.stations(), round.minutes() + 1));
                if (round.minutes() < longest(round.stations()) && isNoWorse(tried, longest)) {
                    longest = tried;
                    longer = true;
                }
            }
        }
        return longest;
    }

    private boolean isNoWorse(List<Round> tried, List<Round> than) {
        Timetable.Outline outline = timetable.outline(tried);
        List<Station> order = tried.stream().flatMap(r -> r.stations().stream()).toList();
        return outline.endMinute() <= brief.minutes()
                && awkwardness(order, outline) <= awkwardness(order, timetable.outline(than));
    }

    /** The best of all orders of so many stations; which area a station of a round is in does not matter. */
    private Trial orders(List<Station> from, int count, List<Station> sofar) {
        if (sofar.size() == count) {
            return trial(sofar);
        }
        Trial best = new Trial(List.of(), Double.NEGATIVE_INFINITY);
        for (Station next : from) {
            if (mayFollow(next, from, sofar)) {
                sofar.add(next);
                best = Trial.better(best, orders(from, count, sofar));
                sofar.remove(sofar.size() - 1);
            }
        }
        return best;
    }

    /** Not twice in one round nor in two that follow one another, and never more often than there is cause for. */
    private boolean mayFollow(Station next, List<Station> from, List<Station> sofar) {
        int inRound = sofar.size() % areas;
        List<Station> close = sofar.subList(Math.max(0, sofar.size() - inRound - areas), sofar.size());
        boolean inOrder = inRound == 0 || from.indexOf(next) > from.indexOf(sofar.get(sofar.size() - 1));
        long times = sofar.stream().filter(next::equals).count();
        return inOrder && !close.contains(next) && times < (from.size() <= REPEATED ? 2 : 1);
    }

    /** Rounds as long as fit; one that does not fit even at its shortest is worth less the longer it is. */
    private Trial trial(List<Station> order) {
        int shortest = together(order).stream().mapToInt(this::shortest).max().orElse(0);
        int each = together(order).stream().mapToInt(this::longest).min().orElse(0);
        each = Math.max(each, shortest);
        List<Round> rounds = rounds(order, each);
        Timetable.Outline outline = timetable.outline(rounds);
        while (outline.endMinute() > brief.minutes() && each > shortest) {
            each--;
            rounds = rounds(order, each);
            outline = timetable.outline(rounds);
        }
        if (outline.endMinute() > brief.minutes()) {
            return new Trial(rounds, -1e6 - outline.endMinute());
        }
        double worth = 0;
        for (int i = 0; i < order.size(); i++) {
            boolean again = order.subList(0, i).contains(order.get(i));
            worth += worth(brief, order.get(i)) * each * (again ? 0.5 : 1);
        }
        return new Trial(rounds, worth - outline.changeMinutes() - awkwardness(order, outline));
    }

    private List<List<Station>> together(List<Station> order) {
        List<List<Station>> sets = new ArrayList<>();
        for (int i = 0; i < order.size(); i += areas) {
            sets.add(List.copyOf(order.subList(i, i + areas)));
        }
        return sets;
    }

    private List<Round> rounds(List<Station> order, int minutes) {
        return together(order).stream().map(set -> new Round(set, minutes)).toList();
    }

    /** Whether the hardest begins too late, and how often it gets easier on the way up. */
    private double awkwardness(List<Station> order, Timetable.Outline outline) {
        List<List<Station>> sets = together(order);
        double cost = 0;
        int hardest = -1;
        int at = 0;
        for (int i = 0; i < sets.size(); i++) {
            int hardness =
                    sets.get(i).stream().mapToInt(Station::hardness).max().orElse(0);
            if (hardness > hardest) {
                hardest = hardness;
                at = i;
            } else if (hardness < hardest) {
                cost += DOWN;
            }
        }
        boolean late = at > 0 && outline.starts().get(at) > BY_THEN * brief.minutes();
        return late ? cost + LATE * brief.riders().size() : cost;
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
        for (int shared = LONGEST_ROUND; shared >= 1; shared--) {
            rounds = wished(order, shared);
            if (timetable.outline(rounds).endMinute() <= brief.minutes()) {
                break;
            }
        }
        return rounds;
    }

    private List<Round> wished(List<Station> order, int shared) {
        List<Round> rounds = new ArrayList<>();
        List<List<Station>> sets = together(order);
        for (int i = 0; i < sets.size(); i++) {
            List<Station> set = sets.get(i);
            int open = Math.max(shortest(set), Math.min(longest(set), shared));
            rounds.add(new Round(set, brief.wishes().get(i * areas).minutes().orElse(open)));
        }
        return rounds;
    }
}

package wrenlane.verdict;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import wrenlane.course.Course;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseKind.Turning;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rideline.LineTask;
import wrenlane.rideline.solve.LineNodes;
import wrenlane.rideline.solve.LineSearch;
import wrenlane.riding.RidingPoint;

/**
 * How hard a course is on a machine, over the settings of its ladder; one meaning on every kind.
 *
 * <p>Tightness is 1/s, where s is the least share of the machine's turn K₀ and of a practised rider's quickness σ₀, both
 * scaled alike, with which a line clears the course: |κ| ≤ s·K₀, |κ'| ≤ s·σ₀, room ≥ 0, the body clear of the cones,
 * whatever marker stands there. 1.00 asks for all of it; larger numbers ask for less. From a stop the turn alone counts.
 * K₀ and σ₀ are those of {@link RidingPoint#practised}. Checked against the closed form of the U-turn between two lines.
 *
 * <p>It is solved for at settings a step in tightness apart, each from the line of the one before, and taken on straight
 * lines in between. What came out easier at a narrower setting than at a wider one is left out: there a worse line was
 * found at one of the two. Kinds that are ridden straight on ask for no turn, and have none.
 */
public final class Tightness {
    /** Easier than this nobody asks how hard it is. */
    private static final double EASIEST = 2.2;

    /** Harder than this nobody rides it. */
    private static final double HARDEST = 0.95;

    /** Share by which tightness falls from one setting solved for to the next; straight enough in between. */
    private static final double STEP = 0.12;

    /** The same where a course is easier than anybody asks for. */
    private static final double STRIDE = 0.3;

    private static final int MOST_SETTINGS = 24;

    /** Counts the ways tightness has been reckoned: points kept from another way are of no use. Raised with every change. */
    public static final int METHOD = 1;

    private final NavigableMap<Double, Double> atSettings;

    private Tightness(NavigableMap<Double, Double> atSettings) {
        this.atSettings = Collections.unmodifiableNavigableMap(atSettings);
    }

    /** As it was reckoned before, from its {@link #points}. */
    public static Tightness of(Map<Double, Double> points) {
        return new Tightness(new TreeMap<>(points));
    }

    /** Settings solved for, in metres, each with its tightness; none on kinds that are ridden straight on. */
    public NavigableMap<Double, Double> points() {
        return atSettings;
    }

    /** The tightness of a course first turned as it says, over its ladder's settings. */
    public static Tightness of(Course course, MachineTurn turn) {
        return new Tightness(
                course.kind().turning() == Turning.STRAIGHT ? new TreeMap<>() : new Search(course, turn).falling());
    }

    /** That of the harder of both sides. */
    public static Tightness ofBothSides(Course course, MachineTurn turn) {
        Tightness here = of(course, turn);
        return alike(course, turn) ? here : here.harder(of(course.mirrored(), turn));
    }

    /** That of the harder of two sides. */
    public Tightness harder(Tightness other) {
        NavigableMap<Double, Double> both = new TreeMap<>();
        for (Tightness one : List.of(this, other)) {
            one.atSettings
                    .keySet()
                    .forEach(s -> this.at(s)
                            .flatMap(t -> other.at(s).map(o -> Math.min(t, o)))
                            .ifPresent(t -> both.put(s, t)));
        }
        return new Tightness(both);
    }

    /** Whether a course is as hard to either side. */
    public static boolean alike(Course course, MachineTurn turn) {
        return course.kind().turning() != Turning.ONE_SIDE
                || RidingPoint.practised(turn, Side.LEFT).curvatureLimit()
                        == RidingPoint.practised(turn, Side.RIGHT).curvatureLimit();
    }

    /** The tightness of a course exactly as it is set, without its neighbours; empty where no line was found. */
    public static Optional<Double> exactly(Course course, MachineTurn turn) {
        return course.kind().turning() == Turning.STRAIGHT
                ? Optional.empty()
                : new LineSearch(LineTask.practised(course.inTallCones(), turn))
                        .gentlest(null)
                        .map(f -> 1 / f.share());
    }

    /** The tightness at a setting in metres, beyond those solved for on the last straight line; empty where none is known. */
    public Optional<Double> at(double settingMetres) {
        return along(atSettings, settingMetres).filter(t -> t > 0);
    }

    /** The setting in metres at a tightness, beyond those solved for on the last straight line; empty where none is known. */
    public Optional<Double> settingAt(double tightness) {
        return along(byTightness(), tightness).filter(s -> s > 0);
    }

    /** Whether a tightness lies between those solved for. */
    boolean covers(double tightness) {
        NavigableMap<Double, Double> turned = byTightness();
        return !turned.isEmpty() && tightness >= turned.firstKey() && tightness <= turned.lastKey();
    }

    private NavigableMap<Double, Double> byTightness() {
        NavigableMap<Double, Double> turned = new TreeMap<>();
        atSettings.forEach((setting, t) -> turned.put(t, setting));
        return turned;
    }

    private static Optional<Double> along(NavigableMap<Double, Double> points, double x) {
        if (points.isEmpty()) {
            return Optional.empty();
        }
        if (points.size() == 1) {
            return Optional.ofNullable(points.get(x));
        }
        Double below = points.floorKey(x);
        Double from = below == null || below.equals(points.lastKey()) ? null : below;
        double a = from != null
                ? from
                : below == null
                        ? points.firstKey()
                        : points.lowerEntry(points.lastKey()).getKey();
        double b = points.higherEntry(a).getKey();
        double share = (x - a) / (b - a);
        return Optional.of(points.floorEntry(a).getValue() * (1 - share)
                + points.floorEntry(b).getValue() * share);
    }

    /** Solves at one setting after another. */
    private static final class Search {
        private final Course course;
        private final MachineTurn turn;
        private final CourseDimension ladder;
        private final NavigableMap<Double, Double> known = new TreeMap<>();

        /** A setting solved for. */
        private record At(double setting, double tightness, LineNodes line) {}

        Search(Course course, MachineTurn turn) {
            this.course = course.inTallCones();
            this.turn = turn;
            this.ladder = course.kind().ladder();
        }

        NavigableMap<Double, Double> falling() {
            first().ifPresent(at -> {
                walk(at, 1);
                walk(at, -1);
            });
            return longestFalling();
        }

        /** The standard setting, or the first wider one through which there is a line. */
        private Optional<At> first() {
            double setting = ladder.standard();
            while (setting < ladder.max()) {
                Optional<At> at = solved(setting, null);
                if (at.isPresent()) {
                    return at;
                }
                setting *= 1 + STRIDE;
            }
            return solved(ladder.max(), null);
        }

        /** Goes wider, or narrower, by steps that should change the tightness alike, past the last that anybody asks for. */
        private void walk(At from, int way) {
            At here = from;
            double slope = here.tightness / here.setting;
            for (int i = 0; i < MOST_SETTINGS && (way > 0 ? here.tightness < EASIEST : here.tightness > HARDEST); i++) {
                double change = (here.tightness > EASIEST ? STRIDE : STEP) * here.tightness / slope;
                double least = LEAST_MOVE * here.setting;
                double move = Math.min(MOST_MOVE * here.setting, Math.max(least, change));
                double setting = Math.min(ladder.max(), Math.max(ladder.min(), here.setting + way * move));
                Optional<At> next = setting == here.setting ? Optional.empty() : solved(setting, here.line);
                if (next.isEmpty()) {
                    return;
                }
                double found = (next.get().tightness - here.tightness) / (setting - here.setting);
                slope = found > 0 ? found : slope;
                here = next.get();
            }
        }

        private static final double LEAST_MOVE = 0.01;
        private static final double MOST_MOVE = 0.3;

        private Optional<At> solved(double setting, @Nullable LineNodes like) {
            boolean allowed = ladder.check(setting).isEmpty()
                    && course.settings()
                            .with(ladder, setting)
                            .check(course.kind())
                            .isEmpty();
            if (!allowed) {
                return Optional.empty();
            }
            Optional<At> at = new LineSearch(LineTask.practised(course.with(ladder, setting), turn))
                    .gentlest(like)
                    .map(f -> new At(setting, 1 / f.share(), f.nodes()));
            at.ifPresent(a -> known.put(a.setting, a.tightness));
            return at;
        }

        /** The most of the settings solved for at which narrower is harder: the longest rising subsequence, by trial. */
        private NavigableMap<Double, Double> longestFalling() {
            List<Double> settings = List.copyOf(known.keySet());
            List<Double> values = List.copyOf(known.values());
            int n = settings.size();
            int[] length = new int[n];
            int[] before = new int[n];
            int best = -1;
            for (int i = 0; i < n; i++) {
                before[i] = -1;
                for (int j = 0; j < i; j++) {
                    if (values.get(j) < values.get(i) && length[j] >= length[i]) {
                        length[i] = length[j] + 1;
                        before[i] = j;
                    }
                }
                best = best < 0 || length[i] > length[best] ? i : best;
            }
            Deque<Integer> chain = new ArrayDeque<>();
            for (int i = best; i >= 0; i = before[i]) {
                chain.push(i);
            }
            NavigableMap<Double, Double> kept = new TreeMap<>();
            new ArrayList<>(chain).forEach(i -> kept.put(settings.get(i), values.get(i)));
            return kept;
        }
    }
}

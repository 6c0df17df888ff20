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
import wrenlane.course.CourseKind.TurnSides;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rideline.LineTask;
import wrenlane.rideline.solve.LineNodes;
import wrenlane.rideline.solve.LineSearch;
import wrenlane.riding.RidingPoint;

/**
 * How hard a course is on a machine, over the sizes of its ladder; one meaning on every kind.
 *
 * <p>Difficulty is s, the least share of the machine's turn K₀ and of a practised rider's quickness σ₀, both scaled alike,
 * with which a line clears the course: |κ| ≤ s·K₀, |κ'| ≤ s·σ₀, clearance ≥ 0, the body clear of tall cones, whatever
 * marker stands there. 1 is the limit; more is harder. From a stop the turn alone counts. K₀ and σ₀ are those of
 * {@link RidingPoint#practised}. Checked against the closed form of the U-turn between two lines.
 *
 * <p>It is solved at sizes a step in difficulty apart, each from the line of the one before. Between them 1/s is taken on
 * straight lines: a turn twice as wide asks for about half. A smaller size that came out easier than a wider one is left
 * out, because the search found a worse line at one of the two. Kinds that are ridden straight on have no difficulty.
 */
public final class Difficulty {
    /** Easier than this nobody asks how hard it is. */
    private static final double EASIEST = 0.3;

    /** Harder than this nobody rides it. */
    private static final double HARDEST = 1.05;

    /** Share by which difficulty changes from one size to the next; straight enough in between. */
    private static final double STEP = 0.12;

    /** The same where a course is easier than anybody asks for. */
    private static final double STRIDE = 0.3;

    private static final int MOST_SETTINGS = 24;

    /** Counts the ways difficulty has been computed: points kept from another way are of no use. Raised with every change. */
    public static final int METHOD = 2;

    private final NavigableMap<Double, Double> atSettings;

    /** 1/s by size, and the other way round: asked of for every run. */
    private final NavigableMap<Double, Double> easeBySetting = new TreeMap<>();

    private final NavigableMap<Double, Double> settingByEase = new TreeMap<>();

    private Difficulty(NavigableMap<Double, Double> atSettings) {
        this.atSettings = Collections.unmodifiableNavigableMap(atSettings);
        atSettings.forEach((setting, difficulty) -> {
            easeBySetting.put(setting, 1 / difficulty);
            settingByEase.put(1 / difficulty, setting);
        });
    }

    /** As it was computed before, from its {@link #points}. */
    public static Difficulty of(Map<Double, Double> points) {
        return new Difficulty(new TreeMap<>(points));
    }

    /** Settings solved for, in metres, each with its difficulty; none on kinds that are ridden straight on. */
    public NavigableMap<Double, Double> points() {
        return atSettings;
    }

    /** The difficulty of a course first turned as it says, over its ladder's settings. */
    public static Difficulty of(Course course, MachineTurn turn) {
        return new Difficulty(course.kind().isStraight() ? new TreeMap<>() : new Search(course, turn).solved());
    }

    /** That of the harder of both sides. */
    public static Difficulty ofBothSides(Course course, MachineTurn turn) {
        Difficulty here = of(course, turn);
        return alike(course, turn) ? here : here.harder(of(course.mirrored(), turn));
    }

    /** That of the harder of two sides. */
    public Difficulty harder(Difficulty other) {
        NavigableMap<Double, Double> both = new TreeMap<>();
        for (Difficulty one : List.of(this, other)) {
            one.atSettings
                    .keySet()
                    .forEach(s -> this.at(s)
                            .flatMap(d -> other.at(s).map(o -> Math.max(d, o)))
                            .ifPresent(d -> both.put(s, d)));
        }
        return new Difficulty(both);
    }

    /** Whether a course is as hard to either side. */
    public static boolean alike(Course course, MachineTurn turn) {
        return course.kind().turning() != TurnSides.ONE_SIDE
                || RidingPoint.practised(turn, Side.LEFT).curvatureLimit()
                        == RidingPoint.practised(turn, Side.RIGHT).curvatureLimit();
    }

    /** The difficulty of a course exactly as it is set, without its neighbours; empty where no line was found. */
    public static Optional<Double> exactly(Course course, MachineTurn turn) {
        return course.kind().isStraight()
                ? Optional.empty()
                : new LineSearch(LineTask.practised(course.inTallCones(), turn))
                        .gentlest(null)
                        .map(f -> f.share());
    }

    /** The difficulty at a setting in metres, beyond those solved for on the last straight line; empty where none is known. */
    public Optional<Double> at(double settingMetres) {
        return along(easeBySetting, settingMetres).filter(ease -> ease > 0).map(ease -> 1 / ease);
    }

    /** The setting in metres at a difficulty, beyond those solved for on the last straight line; empty where none is known. */
    public Optional<Double> settingAt(double difficulty) {
        return along(settingByEase, 1 / difficulty).filter(s -> s > 0);
    }

    /** Whether a difficulty lies between those solved for. */
    boolean covers(double difficulty) {
        return !settingByEase.isEmpty()
                && 1 / difficulty >= settingByEase.firstKey()
                && 1 / difficulty <= settingByEase.lastKey();
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
        private final NavigableMap<Double, DifficultySample> known = new TreeMap<>();

        /** A setting solved for. */
        private record DifficultySample(double setting, double difficulty, LineNodes line) {
            double ease() {
                return 1 / difficulty;
            }
        }

        Search(Course course, MachineTurn turn) {
            this.course = course.inTallCones();
            this.turn = turn;
            this.ladder = course.kind().ladder();
        }

        NavigableMap<Double, Double> solved() {
            first().ifPresent(at -> {
                walk(at, 1);
                walk(at, -1);
                List.copyOf(known.keySet()).forEach(this::again);
            });
            return longestFalling();
        }

        /** The standard setting, or the first wider one through which there is a line. */
        private Optional<DifficultySample> first() {
            double setting = ladder.standard();
            while (setting < ladder.max()) {
                Optional<DifficultySample> at = solved(setting, null);
                if (at.isPresent()) {
                    return at;
                }
                setting *= 1 + STRIDE;
            }
            return solved(ladder.max(), null);
        }

        /** Goes wider, or narrower, by steps that should change the difficulty alike, past the last that anybody asks for. */
        private void walk(DifficultySample from, int way) {
            DifficultySample here = from;
            double slope = here.ease() / here.setting;
            for (int i = 0;
                    i < MOST_SETTINGS && (way > 0 ? here.difficulty > EASIEST : here.difficulty < HARDEST);
                    i++) {
                double change = (here.difficulty < EASIEST ? STRIDE : STEP) * here.ease() / slope;
                double least = LEAST_MOVE * here.setting;
                double move = Math.min(MOST_MOVE * here.setting, Math.max(least, change));
                double setting = Math.min(ladder.max(), Math.max(ladder.min(), here.setting + way * move));
                Optional<DifficultySample> next =
                        setting == here.setting ? Optional.empty() : solved(setting, here.line);
                if (next.isEmpty()) {
                    return;
                }
                double found = (next.get().ease() - here.ease()) / (setting - here.setting);
                slope = found > 0 ? found : slope;
                here = next.get();
            }
        }

        /**
         * Solves once more from the lines of both neighbours, where the straight line of 1/s between them makes one
         * expect an easier line.
         */
        private void again(double setting) {
            Map.Entry<Double, DifficultySample> below = known.lowerEntry(setting);
            Map.Entry<Double, DifficultySample> above = known.higherEntry(setting);
            DifficultySample here = known.get(setting);
            if (below == null || above == null || here == null) {
                return;
            }
            double share = (setting - below.getKey()) / (above.getKey() - below.getKey());
            double expected =
                    below.getValue().ease() * (1 - share) + above.getValue().ease() * share;
            if (here.ease() < expected * (1 - OUT_OF_LINE)) {
                solved(setting, below.getValue().line);
                solved(setting, above.getValue().line);
            }
        }

        /** Chosen by us, as a share: searches that end in like lines lie nearer than that. */
        private static final double OUT_OF_LINE = 0.02;

        private static final double LEAST_MOVE = 0.01;
        private static final double MOST_MOVE = 0.3;

        private Optional<DifficultySample> solved(double setting, @Nullable LineNodes like) {
            boolean allowed = ladder.check(setting).isEmpty()
                    && course.settings()
                            .with(ladder, setting)
                            .check(course.kind())
                            .isEmpty();
            if (!allowed) {
                return Optional.empty();
            }
            Optional<DifficultySample> at = new LineSearch(LineTask.practised(course.with(ladder, setting), turn))
                    .gentlest(like)
                    .map(f -> new DifficultySample(setting, f.share(), f.nodes()));
            at.ifPresent(
                    a -> known.merge(a.setting, a, (before, now) -> now.difficulty < before.difficulty ? now : before));
            return at;
        }

        /** The most of the sizes solved for at which smaller is harder: the longest falling subsequence, by trial. */
        private NavigableMap<Double, Double> longestFalling() {
            List<Double> settings = List.copyOf(known.keySet());
            List<Double> values =
                    known.values().stream().map(DifficultySample::difficulty).toList();
            int n = settings.size();
            int[] length = new int[n];
            int[] before = new int[n];
            int best = -1;
            for (int i = 0; i < n; i++) {
                before[i] = -1;
                for (int j = 0; j < i; j++) {
                    if (values.get(j) > values.get(i) && length[j] >= length[i]) {
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

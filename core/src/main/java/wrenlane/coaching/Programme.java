package wrenlane.coaching;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.hipparchus.distribution.continuous.NormalDistribution;
import wrenlane.coaching.advice.CoachingSettings;
import wrenlane.finding.Sentence;
import wrenlane.progress.GoalGap;
import wrenlane.progress.Pace;
import wrenlane.progress.Percent;
import wrenlane.verdict.SizeLadder;

/**
 * Lessons on the way to a goal that is wanted by a day, and whether they are likely to be enough: an estimate.
 *
 * <p><b>Enough.</b> At a pace that is normal about b difficulty a lesson with a spread s ({@link Pace}), n lessons gain n times
 * as much; a gap g is closed by them with the chance Φ((b − g/n)/s). It is q or more from n = g/(b − z(q)·s) lessons on, where
 * b − z(q)·s is above zero, and with the chance q they gain n·(b − z(q)·s). What is gained from one lesson to the next is
 * taken to go on as in the last ones: nobody knows better, and it may well slow down.
 *
 * <p><b>Steps.</b> The sizes between what is ridden now and the goal, which is the last step, are spread evenly: of k steps
 * lesson i of n ends on number ⌈i·k/n⌉, so the earlier lessons take the more, and each begins so many steps easier as every
 * session does ({@link CoachingSettings#easier}). The drills that lie before are spread in the same way, in their order.
 *
 * @param enough whether the lessons are likely to do
 * @param chance that they do, 0 to 1; empty where nobody can say
 * @param pace it rests on; empty where none is known
 * @param steps to the goal, which counts as one
 * @param gap difficulty to be gained, above zero
 * @param lessons in their order
 * @param likelyLessons how many would be likely to do, where that many are not planned and it can be said
 * @param likelySize the smallest size, wider than the goal and smaller than what is ridden now, that the lessons planned are
 *     likely to reach, where the goal is not
 */
public record Programme(
        Sufficiency enough,
        Optional<Double> chance,
        Optional<Pace> pace,
        int steps,
        double gap,
        List<ProgrammeLesson> lessons,
        Optional<Integer> likelyLessons,
        Optional<SizeLadder.SizeStep> likelySize) {
    /** What is called likely; chosen by us: three times in four. */
    static final double LIKELY = 0.75;

    private static final double Z_LIKELY = new NormalDistribution().inverseCumulativeProbability(LIKELY);

    /** More lessons than this are not spoken of; chosen by us: no pace goes on so long. */
    private static final int MOST_SPOKEN_OF = 20;

    private static final int TENTHS = 10;

    /** Whether lessons are enough. */
    public enum Sufficiency {
        LIKELY,
        OPEN,
        UNLIKELY,
        UNKNOWN,
        NO_LESSON
    }

    /**
     * One lesson.
     *
     * @param begin size it begins on
     * @param aim size to be ridden clean at its end
     * @param drills ids of those to be mastered in it, in their order
     */
    public record ProgrammeLesson(
            LocalDate on, SizeLadder.SizeStep begin, SizeLadder.SizeStep aim, List<String> drills) {
        public ProgrammeLesson {
            drills = List.copyOf(drills);
        }
    }

    /**
     * What has to be got over.
     *
     * @param gap to the goal
     * @param ladder of the machine it is for
     * @param goal its setting, with its difficulty
     * @param drills ids of the drills that lie before it, in their order
     * @param easier steps below the one worked on that a lesson begins at
     */
    public record GoalPath(GoalGap gap, SizeLadder ladder, SizeLadder.SizeStep goal, List<String> drills, int easier) {
        public GoalPath {
            drills = List.copyOf(drills);
        }

        private double goalDifficulty() {
            return goal.difficulty().orElseThrow(() -> new IllegalArgumentException("the goal has no difficulty"));
        }

        private double now() {
            return goalDifficulty() - gap.difficulty();
        }

        /** All sizes easier than the goal, and the goal. */
        private List<SizeLadder.SizeStep> sizes() {
            return Stream.concat(ladder.sizes().stream().filter(r -> isEasier(r, goalDifficulty())), Stream.of(goal))
                    .toList();
        }

        private static boolean isEasier(SizeLadder.SizeStep size, double difficulty) {
            return size.difficulty().filter(d -> d < difficulty).isPresent();
        }
    }

    public Programme {
        lessons = List.copyOf(lessons);
    }

    /**
     * The programme; empty where the goal is reached.
     *
     * @param days of the lessons, in their order; none where there is no time for any
     */
    public static Optional<Programme> of(GoalPath way, List<LocalDate> days) {
        if (way.gap().difficulty() == 0) {
            return Optional.empty();
        }
        Optional<Pace> pace = way.gap().pace();
        Optional<Double> chance = days.isEmpty() ? Optional.of(0.0) : pace.map(p -> chance(p, way.gap(), days.size()));
        Sufficiency enough = days.isEmpty()
                ? Sufficiency.NO_LESSON
                : chance.map(Programme::enough).orElse(Sufficiency.UNKNOWN);
        boolean lacking = enough == Sufficiency.OPEN || enough == Sufficiency.UNLIKELY;
        return Optional.of(new Programme(
                enough,
                chance,
                pace,
                way.gap().steps(),
                way.gap().difficulty(),
                planned(way, days),
                pace.filter(p -> enough != Sufficiency.LIKELY)
                        .flatMap(p -> likelyLessons(p, way.gap().difficulty())),
                pace.filter(p -> lacking).flatMap(p -> likelySize(p, way, days.size()))));
    }

    private static double chance(Pace pace, GoalGap gap, int lessons) {
        double more = pace.perLesson() - gap.difficulty() / lessons;
        return pace.spread() == 0
                ? more >= 0 ? 1 : 0
                : new NormalDistribution(0, pace.spread()).cumulativeProbability(more);
    }

    private static Sufficiency enough(double chance) {
        return chance >= LIKELY ? Sufficiency.LIKELY : chance > 1 - LIKELY ? Sufficiency.OPEN : Sufficiency.UNLIKELY;
    }

    private static double likelyPace(Pace pace) {
        return pace.perLesson() - Z_LIKELY * pace.spread();
    }

    private static Optional<Integer> likelyLessons(Pace pace, double gap) {
        double needed = gap / likelyPace(pace);
        return needed > 0 && needed <= MOST_SPOKEN_OF ? Optional.of((int) Math.ceil(needed)) : Optional.empty();
    }

    private static Optional<SizeLadder.SizeStep> likelySize(Pace pace, GoalPath way, int lessons) {
        double reached = way.now() + lessons * likelyPace(pace);
        return way.sizes().stream()
                .filter(r -> r.difficulty()
                        .filter(d -> d > way.now() && d <= reached)
                        .isPresent())
                .reduce((wider, tighter) -> tighter);
    }

    private static List<ProgrammeLesson> planned(GoalPath way, List<LocalDate> days) {
        List<SizeLadder.SizeStep> sizes = way.sizes();
        int first = sizes.size() - way.gap().steps();
        int n = days.size();
        List<ProgrammeLesson> planned = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            int before = share(i, way.gap().steps(), n);
            int after = share(i + 1, way.gap().steps(), n);
            // Once the goal has been ridden it is what is worked on.
            int working = first + Math.min(before, way.gap().steps() - 1);
            planned.add(new ProgrammeLesson(
                    days.get(i),
                    sizes.get(Math.max(0, working - way.easier())),
                    sizes.get(first + after - 1),
                    way.drills()
                            .subList(
                                    share(i, way.drills().size(), n),
                                    share(i + 1, way.drills().size(), n))));
        }
        return planned;
    }

    /** Of so many parts how many belong to the first i of n: rounded up, so that the earlier take the more. */
    private static int share(int i, int parts, int n) {
        return (i * parts + n - 1) / n;
    }

    /** Whether they are enough, in words. */
    public String sentence() {
        int n = lessons.size();
        String planned = n == 1 ? "1 lesson until then" : n + " lessons until then";
        return switch (enough) {
            case NO_LESSON -> "No lesson until then.";
            case UNKNOWN -> planned + ". Whether that is enough cannot be said yet: it takes runs on two lessons.";
            case LIKELY -> said("%s %s likely enough, %s.", planned, n == 1 ? "is" : "are", inTen());
            case OPEN -> said("%s may be enough, %s.", planned, inTen());
            case UNLIKELY -> said("%s %s likely not enough, %s.", planned, n == 1 ? "is" : "are", inTen());
        };
    }

    private String inTen() {
        long tenths = Math.round(chance.orElseThrow() * TENTHS);
        return tenths == 0
                ? "less than 1 in 10"
                : tenths == TENTHS ? "more than 9 in 10" : "about " + tenths + " in 10";
    }

    /** Why, in words: what a lesson has gained, beside what the goal asks for. Empty without a lesson. */
    public Sentence why() {
        if (lessons.isEmpty()) {
            return Sentence.plain("");
        }
        double asked = gap / lessons.size();
        Sentence goal = Sentence.of("The goal asks for %s of difficulty a lesson", Percent.points(asked));
        return pace.map(p -> Sentence.of(
                        "%s; the last %s gained %s%s.",
                        goal,
                        p.lessons() == 1 ? "one" : p.lessons(),
                        Percent.points(p.perLesson()),
                        p.lessons() == 1 ? "" : " each"))
                .orElseGet(() -> Sentence.of("%s.", goal));
    }

    private static String said(String format, Object... args) {
        return String.format(Locale.ROOT, format, args);
    }
}

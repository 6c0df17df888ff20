package wrenlane.verdict;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.DoublePredicate;
import java.util.stream.Stream;
import wrenlane.course.Course;
import wrenlane.course.CourseDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.units.HandyLengths;
import wrenlane.units.LengthSystem;
import wrenlane.units.MeasuredLength;

/**
 * The sizes from easy to tight for one machine on one course: settings of its ladder's dimension, widest first.
 *
 * @param sizes widest first
 */
public record SizeLadder(List<SizeStep> sizes) {
    /** Difficulty of the default sizes, from comfortable to nearly all that machine and hands can do; from practice. */
    static final List<Double> DIFFICULTIES = List.of(0.35, 0.40, 0.45, 0.50, 0.56, 0.63, 0.71, 0.79, 0.89, 0.95);

    /** Difficulty of wider sizes, for riders who need them; chosen by us: in steps of a ninth, as the default ones. */
    static final List<Double> WIDER = List.of(0.22, 0.25, 0.28, 0.31);

    /** Room left beside the wheels on each side, in metres, of the sizes of a kind that is ridden straight on. */
    static final List<Double> CLEARANCES_BESIDE_WHEELS = List.of(0.6, 0.5, 0.4, 0.3, 0.2, 0.15, 0.1);

    /**
     * One setting.
     *
     * @param settingMetres rounded to a length people lay out
     * @param difficulty of the rounded setting; empty on kinds that are ridden straight on
     * @param inBays the same setting in half bays, on a course that is set in bays
     */
    public record SizeStep(double settingMetres, Optional<Double> difficulty, Optional<MeasuredLength> inBays) {
        /** A size of a course that is not set in bays. */
        public SizeStep(double settingMetres, Optional<Double> difficulty) {
            this(settingMetres, difficulty, Optional.empty());
        }
    }

    public SizeLadder {
        sizes = List.copyOf(sizes);
    }

    /**
     * The default ladder of a machine on a course. Kinds that are ridden straight on have widths by the room on both sides
     * of the wheels. Settings that the course does not allow are left out, and those that rounding has brought past what the
     * machine can turn.
     *
     * @param difficulty of the course on that machine, of the harder side
     * @param system units in which people here lay lengths out; a course set in bays is laid in half bays
     */
    public static SizeLadder of(Course course, MachineTurn turn, Difficulty difficulty, LengthSystem system) {
        return of(course, turn, difficulty, system, DIFFICULTIES);
    }

    /**
     * The default ladder with wider sizes before it, as many as somebody needs to have a size that is easy enough for them.
     *
     * @param isEasyEnough whether somebody can begin at a difficulty
     */
    public static SizeLadder of(
            Course course, MachineTurn turn, Difficulty difficulty, LengthSystem system, DoublePredicate isEasyEnough) {
        SizeLadder usual = of(course, turn, difficulty, system);
        if (course.kind().isStraight() || usual.sizes.isEmpty() || isEasy(usual.sizes.get(0), isEasyEnough)) {
            return usual;
        }
        double widest = usual.sizes.get(0).settingMetres();
        List<SizeStep> wider = of(course, turn, difficulty, system, WIDER).sizes.stream()
                .filter(r -> r.settingMetres() > widest)
                .toList();
        int from = Math.max(0, wider.size() - 1);
        while (from > 0 && !isEasy(wider.get(from), isEasyEnough)) {
            from--;
        }
        return new SizeLadder(
                Stream.concat(wider.stream().skip(from), usual.sizes.stream()).toList());
    }

    private static boolean isEasy(SizeStep size, DoublePredicate isEasyEnough) {
        return size.difficulty().filter(isEasyEnough::test).isPresent();
    }

    private static SizeLadder of(
            Course course, MachineTurn turn, Difficulty difficulty, LengthSystem system, List<Double> difficulties) {
        CourseDimension dimension = course.kind().ladder();
        HandyLengths handy = course.handy(system);
        MeasuredLength set = course.settings().length(dimension);
        return course.kind().isStraight()
                ? ladder(
                        dimension,
                        CLEARANCES_BESIDE_WHEELS.stream()
                                .map(clearance -> handy.nearest(2 * clearance + turn.frontTyreMetres())),
                        setting -> new SizeStep(setting, Optional.empty(), inBays(setting, set)))
                : ladder(
                        dimension,
                        difficulties.stream()
                                .filter(difficulty::covers)
                                .flatMap(t -> difficulty.settingAt(t).stream())
                                .map(handy::nearest)
                                .filter(setting -> difficulty.at(setting).orElse(1.0) <= 1),
                        setting -> new SizeStep(setting, difficulty.at(setting), inBays(setting, set)));
    }

    private static Optional<MeasuredLength> inBays(double settingMetres, MeasuredLength set) {
        return set.bayMetres().map(bay -> set.counting(Math.round(2 * settingMetres / bay) / 2.0));
    }

    private static SizeLadder ladder(
            CourseDimension dimension, Stream<Double> settings, DoubleFunction<SizeStep> size) {
        return new SizeLadder(settings.filter(m -> dimension.check(m).isEmpty())
                .distinct()
                .map(size::apply)
                .toList());
    }
}

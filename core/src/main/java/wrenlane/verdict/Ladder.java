package wrenlane.verdict;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.stream.Stream;
import wrenlane.course.Course;
import wrenlane.course.CourseDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.units.HandyLengths;
import wrenlane.units.LengthSystem;
import wrenlane.units.MeasuredLength;

/**
 * The rungs from easy to tight for one machine on one course: settings of its ladder's dimension, widest first.
 *
 * @param rungs widest first
 */
public record Ladder(List<Rung> rungs) {
    /** Difficulty of the default rungs, from comfortable to nearly all that machine and hands can do; from practice. */
    static final List<Double> DIFFICULTIES = List.of(0.35, 0.40, 0.45, 0.50, 0.56, 0.63, 0.71, 0.79, 0.89, 0.95);

    /** Room left beside the wheels on each side, in metres, of the rungs of a kind that is ridden straight on. */
    static final List<Double> ROOMS_BESIDE_WHEELS = List.of(0.6, 0.5, 0.4, 0.3, 0.2, 0.15, 0.1);

    /**
     * One setting.
     *
     * @param settingMetres rounded to a length people lay out
     * @param difficulty of the rounded setting; empty on kinds that are ridden straight on
     * @param inBays the same setting in half bays, on a course that is set in bays
     */
    public record Rung(double settingMetres, Optional<Double> difficulty, Optional<MeasuredLength> inBays) {
        /** A rung of a course that is not set in bays. */
        public Rung(double settingMetres, Optional<Double> difficulty) {
            this(settingMetres, difficulty, Optional.empty());
        }
    }

    public Ladder {
        rungs = List.copyOf(rungs);
    }

    /**
     * The default ladder of a machine on a course. Kinds that are ridden straight on have widths by the room on both sides
     * of the wheels. Settings that the course does not allow are left out, and those that rounding has brought past what the
     * machine can turn.
     *
     * @param difficulty of the course on that machine, of the harder side
     * @param system units in which people here lay lengths out; a course set in bays is laid in half bays
     */
    public static Ladder of(Course course, MachineTurn turn, Difficulty difficulty, LengthSystem system) {
        CourseDimension dimension = course.kind().ladder();
        HandyLengths handy = course.handy(system);
        MeasuredLength set = course.settings().length(dimension);
        return course.kind().isStraight()
                ? ladder(
                        dimension,
                        ROOMS_BESIDE_WHEELS.stream().map(room -> handy.nearest(2 * room + turn.frontTyreMetres())),
                        setting -> new Rung(setting, Optional.empty(), inBays(setting, set)))
                : ladder(
                        dimension,
                        DIFFICULTIES.stream()
                                .filter(difficulty::covers)
                                .flatMap(t -> difficulty.settingAt(t).stream())
                                .map(handy::nearest)
                                .filter(setting -> difficulty.at(setting).orElse(1.0) <= 1),
                        setting -> new Rung(setting, difficulty.at(setting), inBays(setting, set)));
    }

    private static Optional<MeasuredLength> inBays(double settingMetres, MeasuredLength set) {
        return set.bayMetres().map(bay -> set.counting(Math.round(2 * settingMetres / bay) / 2.0));
    }

    private static Ladder ladder(CourseDimension dimension, Stream<Double> settings, DoubleFunction<Rung> rung) {
        return new Ladder(settings.filter(m -> dimension.check(m).isEmpty())
                .distinct()
                .map(rung::apply)
                .toList());
    }
}

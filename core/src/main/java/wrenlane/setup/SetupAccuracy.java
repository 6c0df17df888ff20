package wrenlane.setup;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wrenlane.course.Course;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseSettings;
import wrenlane.riding.Ride;
import wrenlane.units.LengthMethod;
import wrenlane.units.LengthSystem;
import wrenlane.verdict.CourseFit;

/**
 * What the way of measuring does to the room on a course, at its own setting and at every size.
 *
 * @param here as the course is set
 * @param sizes the same at each size, in the order given; those the kind does not allow are left out
 * @param goodTo for each way of measuring the tightest size whose room is more than twice its error; without an entry
 *     where there is none
 * @param shareToSpare by how much every length may come out short, as a share, before the room is gone; zero where there
 *     is none, and at most {@link #MOST_SHARE}
 * @param checks what that share means for each check measurement
 */
public record SetupAccuracy(
        ClearanceError here,
        List<ClearanceError> sizes,
        Map<LengthMethod, Double> goodTo,
        double shareToSpare,
        List<CheckSlack> checks) {
    /** Ways of setting out a course. */
    public static final List<LengthMethod> METHODS = List.of(LengthMethod.TAPE, LengthMethod.BAYS, LengthMethod.PACES);

    /** No course is set out worse than this, as a share; chosen by us. */
    public static final double MOST_SHARE = 0.25;

    /** Room is safe from an error of measuring that is this many standard deviations: about 98 % of the time. */
    private static final double DEVIATIONS = 2;

    /** By how much a length is shortened to see what that does to the room, as a share; chosen by us. */
    private static final double NUDGE_SHARE = 0.02;

    private static final int HALVINGS = 8;

    /**
     * The room at one setting.
     *
     * @param spareMetres room at the tightest place; negative where it lacks
     * @param capped whether there is more room than was looked for, so that no error counts
     * @param errorMetres how far out the room is for setting the course out each way, one standard deviation
     * @param goodBy the ways whose error leaves room even when it is twice that
     */
    public record ClearanceError(
            double settingMetres,
            double spareMetres,
            boolean capped,
            Map<LengthMethod, Double> errorMetres,
            List<LengthMethod> goodBy) {
        public ClearanceError {
            errorMetres = Map.copyOf(errorMetres);
            goodBy = List.copyOf(goodBy);
        }

        static ClearanceError of(double setting, double spare, boolean capped, Map<LengthMethod, Double> errors) {
            return new ClearanceError(
                    setting,
                    spare,
                    capped,
                    errors,
                    METHODS.stream()
                            .filter(m ->
                                    capped || spare > DEVIATIONS * errors.getOrDefault(m, Double.POSITIVE_INFINITY))
                            .toList());
        }
    }

    /**
     * A check measurement, and by how much it may come out short before the room is gone.
     *
     * @param metres as it has to be
     */
    public record CheckSlack(String from, String to, double metres, double shortMetres) {}

    public SetupAccuracy {
        sizes = List.copyOf(sizes);
        goodTo = Map.copyOf(goodTo);
        checks = List.copyOf(checks);
    }

    /**
     * Computes it for a machine and rider at their lowest speed.
     *
     * @param sizes settings of the ladder's dimension, in metres
     */
    public static SetupAccuracy of(Course course, Ride ride, List<Double> sizes) {
        ClearanceError here = at(course, ride);
        return of(
                course,
                here,
                atSizes(course, sizes).stream().map(c -> at(c, ride)).toList(),
                here.spareMetres() > 0 ? share(course, ride) : 0);
    }

    /** The course at each of some settings of its ladder's dimension, in metres, that its kind allows. */
    public static List<Course> atSizes(Course course, List<Double> sizes) {
        CourseDimension ladder = course.kind().ladder();
        return sizes.stream()
                .filter(r -> ladder.check(r).isEmpty()
                        && course.settings()
                                .with(ladder, r)
                                .check(course.kind())
                                .isEmpty())
                .map(r -> course.with(ladder, r))
                .toList();
    }

    /**
     * From parts that were computed one by one.
     *
     * @param here room and errors as the course is set
     * @param errors the same at sizes
     * @param share see {@link #share}
     */
    public static SetupAccuracy of(Course course, ClearanceError here, List<ClearanceError> errors, double share) {
        Map<LengthMethod, Double> goodTo = new EnumMap<>(LengthMethod.class);
        for (LengthMethod method : METHODS) {
            errors.stream()
                    .filter(e -> e.goodBy().contains(method))
                    .map(ClearanceError::settingMetres)
                    .min(Double::compare)
                    .ifPresent(m -> goodTo.put(method, m));
        }
        List<CheckSlack> checks = SetupSheet.of(course, LengthSystem.METRIC).checks().stream()
                .map(c -> new CheckSlack(c.from(), c.to(), c.metres(), c.metres() * share))
                .toList();
        return new SetupAccuracy(here, errors, goodTo, share, checks);
    }

    /**
     * The room and its errors: each length is shortened by a little, and the room's change for a metre of it scaled to what
     * each way of measuring leaves; lengths are independent, u² = Σ (∂room/∂x · u(x))².
     */
    public static ClearanceError at(Course course, Ride ride) {
        CourseFit fit = CourseFit.clearance(course, ride).fit();
        double spare = fit.spare().metres();
        double[] squares = new double[METHODS.size()];
        for (CourseDimension d : lengths(course)) {
            double metres = course.settings().of(d);
            Optional<Double> nudged = spareAt(course, course.settings().with(d, metres * (1 - NUDGE_SHARE)), ride);
            double slope = (spare - nudged.orElse(spare)) / (metres * NUDGE_SHARE);
            for (int i = 0; i < squares.length; i++) {
                double u = slope * METHODS.get(i).uncertaintyMetres(metres);
                squares[i] += u * u;
            }
        }
        Map<LengthMethod, Double> errors = new EnumMap<>(LengthMethod.class);
        for (int i = 0; i < squares.length; i++) {
            errors.put(METHODS.get(i), Math.sqrt(squares[i]));
        }
        return ClearanceError.of(course.settingMetres(), spare, fit.spareCapped(), errors);
    }

    private static List<CourseDimension> lengths(Course course) {
        return course.kind().dimensions().stream()
                .filter(d -> d.quantity() == CourseDimension.Quantity.METRES)
                .toList();
    }

    /** The room with other settings; empty where the kind does not allow them. */
    private static Optional<Double> spareAt(Course course, CourseSettings settings, Ride ride) {
        return settings.check(course.kind()).isEmpty()
                ? Optional.of(CourseFit.clearance(
                                new Course(course.kind(), settings, course.firstTurn(), course.others()), ride)
                        .fit()
                        .spare()
                        .metres())
                : Optional.empty();
    }

    /** Halves the share until the room is gone; a course that its kind no longer allows counts as gone. */
    public static double share(Course course, Ride ride) {
        double low = 0;
        double high = MOST_SHARE;
        for (int i = 0; i < HALVINGS; i++) {
            double half = (low + high) / 2;
            CourseSettings shrunk = course.settings();
            for (CourseDimension d : lengths(course)) {
                shrunk = shrunk.with(d, course.settings().of(d) * (1 - half));
            }
            if (spareAt(course, shrunk, ride).orElse(-1.0) > 0) {
                low = half;
            } else {
                high = half;
            }
        }
        return low;
    }
}

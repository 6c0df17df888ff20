package wrenlane.course;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import wrenlane.course.plan.CourseLine;

/**
 * How densely the edges of a course are marked, and how many markers the whole course takes then. Corners and gates always
 * stand; what stands between them shows a rider the line, and can be fewer.
 *
 * @param density in a word; empty where it is made for a number of markers
 * @param spacingMetres at most, between two marks of an edge
 * @param markers of all sorts
 */
public record EdgeMarks(Optional<Density> density, double spacingMetres, int markers) {
    /** Steps in which a spacing is looked for, in metres: finer than anybody paces. */
    private static final double STEP_METRES = 0.05;

    /** In a word, the densest first. */
    public enum Density {
        /** As close as a rider needs who looks at them. */
        FULL,
        /** One between two corners at most: as a new course has them. */
        FEW,
        /** None between corners. */
        CORNERS
    }

    /**
     * As many marks as there are.
     *
     * @param marks laid with what there is; empty where even corners and gates alone take more
     * @param lacking markers for corners and gates
     * @param fewer than the full edges take
     * @param said the same in a sentence
     */
    public record ReducedMarks(Optional<EdgeMarks> marks, int lacking, int fewer, String said) {}

    /** A course with few marks along its edges; as it is where it has no edges. */
    static Course few(Course course) {
        return course.kind()
                .edgeSpacing()
                .map(spacing -> course.with(
                        spacing,
                        at(course, spacing, longestEdgeMetres(course) / 2, Optional.of(Density.FEW)).spacingMetres))
                .orElse(course);
    }

    /** The densities of a course, the densest first and each number of markers once; none on a kind without edges. */
    public static List<EdgeMarks> of(Course course) {
        return course.kind().edgeSpacing().stream()
                .flatMap(spacing -> each(course, spacing).stream())
                .toList();
    }

    private static List<EdgeMarks> each(Course course, CourseDimension spacing) {
        double longest = longestEdgeMetres(course);
        List<EdgeMarks> all = new ArrayList<>();
        for (Density density : Density.values()) {
            double metres = switch (density) {
                case FULL -> spacing.standard();
                case FEW -> longest / 2;
                case CORNERS -> longest;
            };
            EdgeMarks marks = at(course, spacing, metres, Optional.of(density));
            boolean fewer = all.isEmpty() || marks.markers < all.get(all.size() - 1).markers;
            if (fewer) {
                all.add(marks);
            }
        }
        return all;
    }

    /** The longest line that is not to be crossed, in metres. */
    private static double longestEdgeMetres(Course course) {
        return course.plan().lines().stream()
                .filter(line -> line.sort() == CourseLine.Sort.BOUNDARY)
                .map(line -> line.from().distanceTo(line.to()))
                .max(Comparator.naturalOrder())
                .orElse(0.0);
    }

    private static EdgeMarks at(Course course, CourseDimension spacing, double metres, Optional<Density> density) {
        double handy = Math.ceil(metres / STEP_METRES - 1e-9) * STEP_METRES;
        double rounded = Math.round(Math.max(spacing.min(), Math.min(spacing.max(), handy)) * 100) / 100.0;
        int markers = course.with(spacing, rounded).plan().cones().size();
        return new EdgeMarks(density, rounded, markers);
    }

    /**
     * As densely as a number of markers allows, and no denser than full.
     *
     * @return empty on a kind without edges
     */
    public static Optional<ReducedMarks> within(Course course, int owned) {
        return course.kind().edgeSpacing().map(spacing -> within(course, spacing, owned));
    }

    private static ReducedMarks within(Course course, CourseDimension spacing, int owned) {
        List<EdgeMarks> all = each(course, spacing);
        int full = all.get(0).markers;
        int least = at(course, spacing, spacing.max(), Optional.empty()).markers;
        if (owned < least) {
            return new ReducedMarks(
                    Optional.empty(),
                    least - owned,
                    full - least,
                    "Corners and gates alone take %d: %d more than there are. Chalk the rest, or choose another course."
                            .formatted(least, least - owned));
        }
        int first = (int) Math.round(spacing.standard() / STEP_METRES);
        int last = (int) Math.round(spacing.max() / STEP_METRES);
        EdgeMarks marks = IntStream.rangeClosed(first, last)
                .mapToObj(i -> at(course, spacing, i * STEP_METRES, Optional.empty()))
                .filter(m -> m.markers <= owned)
                .findFirst()
                .orElseThrow();
        int fewer = full - marks.markers;
        return new ReducedMarks(
                Optional.of(marks),
                0,
                fewer,
                fewer == 0
                        ? "Enough for full edges: %d laid, %d to spare.".formatted(marks.markers, owned - marks.markers)
                        : "Corners and gates stand; %d fewer along the edges than full. %d laid, %d to spare."
                                .formatted(fewer, marks.markers, owned - marks.markers));
    }
}

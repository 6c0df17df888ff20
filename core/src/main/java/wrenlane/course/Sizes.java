package wrenlane.course;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** When two sizes of a course are one. Everything that compares sizes asks here. */
public final class Sizes {
    /** Sizes that differ by less are one, in metres; chosen by us: half of what cones are laid to by tape. */
    public static final double SAME_METRES = 0.005;

    private Sizes() {}

    /** Whether two sizes, in metres, are the same. */
    public static boolean areSame(double oneMetres, double otherMetres) {
        return Math.abs(oneMetres - otherMetres) < SAME_METRES;
    }

    /**
     * Things by their size, in the order they are given: each belongs to the first group whose first size is the same.
     *
     * @param sizeMetres of a thing, in metres
     */
    public static <T> List<List<T>> grouped(List<T> things, ToDoubleFunction<T> sizeMetres) {
        List<List<T>> groups = new ArrayList<>();
        for (T thing : things) {
            double size = sizeMetres.applyAsDouble(thing);
            groups.stream()
                    .filter(group -> areSame(sizeMetres.applyAsDouble(group.get(0)), size))
                    .findFirst()
                    .orElseGet(() -> {
                        groups.add(new ArrayList<>());
                        return groups.get(groups.size() - 1);
                    })
                    .add(thing);
        }
        return groups;
    }
}

package wrenlane.course.kind;

import wrenlane.course.CourseOption;

/** Where the way goes beside a ring of cones. */
enum RingSide {
    /** Outside, with the cones on the inner hand. */
    ROUND("Round the cones"),
    /** Within, with the cones on the outer hand: a few do. */
    WITHIN("Within the cones");

    private final String label;

    RingSide(String label) {
        this.label = label;
    }

    @Override
    public String toString() {
        return label;
    }

    static CourseOption option() {
        return CourseOption.of("ridden", "Ridden", ROUND, values());
    }
}

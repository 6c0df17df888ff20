package wrenlane.course.kind;

import wrenlane.course.CourseOption;
import wrenlane.course.CourseSettings;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.Marker;

/** What bounds a course or stands in it. Low flat markers come before tall cones. */
enum ConeMarking {
    /** Low flat markers. */
    FLAT("Flat markers"),
    /** Tall cones. */
    TALL("Tall cones"),
    /** Painted bay lines; only what no paint shows is set in flat markers. */
    BAYS("Painted bays");

    private final String label;

    ConeMarking(String label) {
        this.label = label;
    }

    @Override
    public String toString() {
        return label;
    }

    /** The sort of cone this is set out in. */
    ConeSort sort() {
        return this == TALL ? ConeSort.TALL : ConeSort.FLAT;
    }

    /** The marker that a choice comes to. */
    static Marker marker(CourseSettings s, CourseOption marking) {
        return s.markers().of(s.of(marking, ConeMarking.class).sort());
    }

    /** Flat or tall, where no paint could show the course. */
    static CourseOption cones(ConeMarking standard) {
        return CourseOption.of(CourseOption.MARKING, "Marks", standard, FLAT, TALL);
    }

    /** Flat, tall or painted, where lines bound the course. */
    static CourseOption conesOrBays(ConeMarking standard) {
        return CourseOption.of(CourseOption.MARKING, "Marks", standard, FLAT, TALL, BAYS);
    }
}

package wrenlane.day;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wrenlane.course.NamedCourse;
import wrenlane.course.NestedCourse;
import wrenlane.id.CourseId;
import wrenlane.id.DayId;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;
import wrenlane.id.YardId;
import wrenlane.yard.CourseGround;
import wrenlane.yard.CoursePlacement;
import wrenlane.yard.PlacedGround;

/**
 * A day of teaching.
 *
 * @param yardId empty as long as no yard is chosen
 * @param courses in the order they are ridden, each once
 * @param riders in the order they ride, each once
 */
public record Day(
        DayId id,
        LocalDate date,
        String title,
        Optional<YardId> yardId,
        List<DayCourse> courses,
        List<DayRider> riders) {
    public Day {
        courses = List.copyOf(courses);
        riders = List.copyOf(riders);
        if (courses.stream().map(DayCourse::courseId).distinct().count() < courses.size()) {
            throw new IllegalArgumentException("courses holds one twice");
        }
        if (riders.stream().map(DayRider::riderId).distinct().count() < riders.size()) {
            throw new IllegalArgumentException("riders holds one twice");
        }
    }

    public List<CourseId> courseIds() {
        return courses.stream().map(DayCourse::courseId).toList();
    }

    public List<RiderId> riderIds() {
        return riders.stream().map(DayRider::riderId).toList();
    }

    /** Machines that are ridden, each once. */
    public List<MachineId> machineIds() {
        return riders.stream().map(DayRider::machineId).distinct().toList();
    }

    private Optional<DayCourse> course(CourseId id) {
        return courses.stream().filter(c -> c.courseId().equals(id)).findFirst();
    }

    /** Where a course lies from the start; empty where it is set up later, or is not on the day. */
    public Optional<CoursePlacement> placement(CourseId id) {
        return course(id).flatMap(DayCourse::placement);
    }

    /** Where the courses lie that are set up from the start, in their order. */
    public Map<CourseId, CoursePlacement> placements() {
        Map<CourseId, CoursePlacement> placements = new LinkedHashMap<>();
        courses.forEach(c -> c.placement().ifPresent(place -> placements.put(c.courseId(), place)));
        return placements;
    }

    /** Sizes chosen for a course, in metres; empty where it is set up as the course itself says. */
    public List<Double> activeSizes(CourseId id) {
        return course(id).map(DayCourse::activeSizesMetres).orElse(List.of());
    }

    /**
     * A course at the sizes chosen for it; as the course itself says where it was changed since, so that it cannot be set up
     * at them any more.
     */
    public NestedCourse nested(NamedCourse course) {
        return NestedCourse.asFarAsItCan(course.course(), activeSizes(course.id()));
    }

    /** Those of some courses that lie on the yard from the start, in the order given. */
    public Map<CourseId, PlacedGround> standing(List<NamedCourse> some) {
        Map<CourseId, PlacedGround> standing = new LinkedHashMap<>();
        for (NamedCourse course : some) {
            placement(course.id())
                    .ifPresent(place -> standing.put(
                            course.id(),
                            CourseGround.of(course.name(), nested(course)).at(place)));
        }
        return standing;
    }
}

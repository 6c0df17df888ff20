package wrenlane.server.progress.history;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import wrenlane.coaching.Causes;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.machine.NamedMachine;
import wrenlane.rider.Rider;
import wrenlane.server.day.DayHeading;
import wrenlane.server.progress.RiderRuns;

/**
 * What a rider rode on one kind of course, and what it is judged by.
 *
 * @param ofKind all runs on it
 * @param headings of the days of those runs, by id
 * @param kinds ridden at all, in the order they are taught
 * @param machine last ridden on it, else the usual one; empty where there is neither
 * @param course last ridden of the kind, for its other dimensions
 * @param causes what faults come from
 * @param opinion what the instructor holds to be behind the faults
 */
public record KindHistory(
        Rider rider,
        CourseKind kind,
        RiderRuns ofKind,
        Map<Long, DayHeading> headings,
        List<CourseKind> kinds,
        Optional<NamedMachine> machine,
        Course course,
        Causes causes,
        Optional<String> opinion) {}

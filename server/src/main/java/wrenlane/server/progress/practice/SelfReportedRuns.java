package wrenlane.server.progress.practice;

import java.time.Instant;
import wrenlane.course.Course;
import wrenlane.machine.Side;
import wrenlane.progress.Practice;

/**
 * Runs to a side that a rider tells of.
 *
 * @param course in its usual form
 */
public record SelfReportedRuns(
        Course course, long machineId, Side side, double settingMetres, Practice.SideRuns told, Instant at) {}

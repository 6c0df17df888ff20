package wrenlane.server.run;

import wrenlane.course.Course;

/**
 * A run with the course it was ridden on.
 *
 * @param course as it was set then, first turned to the run's side
 */
public record RiddenRun(RunResponse run, Course course) {}

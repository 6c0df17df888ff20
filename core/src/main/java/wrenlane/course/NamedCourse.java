package wrenlane.course;

import wrenlane.id.CourseId;

/** A course of the school: its name, and how it is set. */
public record NamedCourse(CourseId id, String name, Course course) {}

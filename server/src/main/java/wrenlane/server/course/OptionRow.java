package wrenlane.server.course;

/** A row of the course_option table. */
record OptionRow(String name, String value) {}

package wrenlane.server.course;

/** A row of the course_count table. */
record CountRow(String name, Integer value) {}

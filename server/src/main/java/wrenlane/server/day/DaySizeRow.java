package wrenlane.server.day;

/** A row of the day_course_size table. */
record DaySizeRow(Long dayId, Long courseId, Double sizeM) {}

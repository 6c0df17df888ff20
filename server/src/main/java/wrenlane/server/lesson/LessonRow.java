package wrenlane.server.lesson;

/** A row of the lesson table. */
record LessonRow(long dayId, long version, String settings) {}

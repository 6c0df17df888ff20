package wrenlane.server.lesson.debrief;

/** A row of the debrief table. */
record DebriefRow(Long dayId, Long riderId, Long version, String text) {}

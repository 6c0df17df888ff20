package wrenlane.server.lesson.check;

/** A row of the range_check table: an item seen to, or passed over with a reason. */
record CheckRow(long dayId, String item, String doneBy, String doneAt, String reason) {}

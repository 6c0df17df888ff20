package wrenlane.server.day;

/** A row of the day_rider table. */
record DayRiderRow(Long riderId, Long machineId) {}

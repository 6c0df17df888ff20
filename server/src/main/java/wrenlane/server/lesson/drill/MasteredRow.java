package wrenlane.server.lesson.drill;

/** A row of the rider_drill table: a drill a rider has shown on a machine, as an instructor saw it. */
record MasteredRow(long riderId, long machineId, String drillId, String shownOn) {}

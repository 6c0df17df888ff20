package wrenlane.server.progress.practice;

/**
 * Practice alone, as stored; it is not changed, only taken away.
 *
 * @param machineName it was ridden on
 */
record PracticeResponse(long id, String machineName, PracticeJson practice) {}

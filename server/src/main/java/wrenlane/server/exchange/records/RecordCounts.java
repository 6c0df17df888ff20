package wrenlane.server.exchange.records;

/**
 * How much is kept of a rider.
 *
 * @param runs also those corrected and undone
 * @param days they are on
 * @param debriefs in somebody's own words
 * @param drills shown to be mastered
 * @param goals 0 or 1
 * @param opinions of what is behind their faults
 * @param practice how often they told of practice alone
 */
record RecordCounts(int runs, int days, int debriefs, int drills, int goals, int opinions, int practice) {}

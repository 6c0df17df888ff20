package wrenlane.server.lesson.drill;

import java.util.List;

/**
 * What one rider can ride on a day.
 *
 * @param machineId ridden on the day
 * @param drills on the day's courses and on none, in the order of the stages
 */
record DrillsOfRider(long riderId, long machineId, List<DrillOfDay> drills) {}

package wrenlane.server.lesson;

/**
 * What it takes to have a course stand at other settings, and when.
 *
 * @param cones moved, brought or put away
 * @param carriedMetres all cones together
 * @param minutes an estimate
 * @param moment when it is best done, in a sentence
 */
public record MoveCost(long cones, double carriedMetres, double minutes, String moment) {}

package wrenlane.server.lesson;

/**
 * What it takes to have a course stand at other settings, and when.
 *
 * @param cones moved, brought or put away
 * @param walkedMetres with them in hand
 * @param minutes an estimate
 * @param moment when it is best done, in a sentence
 */
public record MoveCost(long cones, double walkedMetres, double minutes, String moment) {}

package wrenlane.course;

/**
 * A cone of a course.
 *
 * @param label what the set-out sheet and the drawing call it
 * @param role what it tells the rider
 * @param sort tall or flat
 * @param mark the tape mark on the course's line
 * @param centre where its centre stands: outside the line, its base touching the mark's line
 */
public record Cone(String label, ConeRole role, ConeSort sort, Point mark, Point centre) {}

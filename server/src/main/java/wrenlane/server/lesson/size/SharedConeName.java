package wrenlane.server.lesson.size;

/**
 * A cone of a course that is another's, too, and so is laid once for both.
 *
 * @param label of the cone on the course
 * @param also what else it is: such as "R5 of Two turntables"
 */
record SharedConeName(long courseId, String label, String also) {}

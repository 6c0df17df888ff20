/** The catalogue of drills as shipped and as changed here, the way of teaching, and who has mastered what. */
@NullMarked
package wrenlane.server.lesson.drill;

import org.jspecify.annotations.NullMarked;

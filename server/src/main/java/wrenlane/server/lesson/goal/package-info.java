/** What a rider wants to be able to ride, such as the street at home, and how far off it is. */
@NullMarked
package wrenlane.server.lesson.goal;

import org.jspecify.annotations.NullMarked;

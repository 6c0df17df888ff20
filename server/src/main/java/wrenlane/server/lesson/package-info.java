/** The lesson plan of a day: what it is planned from, and the plan, which is made anew whenever it is asked for. */
@NullMarked
package wrenlane.server.lesson;

import org.jspecify.annotations.NullMarked;

/** How often a run should be clean: the instructor's choice that sizes are proposed by. */
@NullMarked
package wrenlane.server.people.aim;

import org.jspecify.annotations.NullMarked;

/** Machines, their figures and measured circles, and the turn computed from them. */
@NullMarked
package wrenlane.server.people.machine;

import org.jspecify.annotations.NullMarked;

/** What the school owns to set courses out with. */
@NullMarked
package wrenlane.server.course.kit;

import org.jspecify.annotations.NullMarked;

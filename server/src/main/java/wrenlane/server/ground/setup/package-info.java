/** Setup figures and the square check. */
@NullMarked
package wrenlane.server.ground.setup;

import org.jspecify.annotations.NullMarked;

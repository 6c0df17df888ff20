/** Set-out figures and the square check. */
@NullMarked
package wrenlane.server.setout;

import org.jspecify.annotations.NullMarked;

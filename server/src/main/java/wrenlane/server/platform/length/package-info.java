/** Reading a length as typed. */
@NullMarked
package wrenlane.server.platform.length;

import org.jspecify.annotations.NullMarked;

/** Reading a length as typed. */
@NullMarked
package wrenlane.server.length;

import org.jspecify.annotations.NullMarked;

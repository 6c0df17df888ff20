/** Copies of the data over HTTP: kept, listed, taken away, brought, restored; and one each night. */
@NullMarked
package wrenlane.server.copy;

import org.jspecify.annotations.NullMarked;

/** Copies of the data over HTTP: kept, listed, taken away, brought, restored; and one each night. */
@NullMarked
package wrenlane.server.platform.backup;

import org.jspecify.annotations.NullMarked;

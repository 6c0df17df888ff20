/** All that is kept of one person: told, handed out, and deleted wholly. */
@NullMarked
package wrenlane.server.exchange.records;

import org.jspecify.annotations.NullMarked;

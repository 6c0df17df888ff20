/** What a rider's runs say. */
@NullMarked
package wrenlane.server.progress;

import org.jspecify.annotations.NullMarked;

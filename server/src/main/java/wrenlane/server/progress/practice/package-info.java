/** What riders practised alone, as they tell it. */
@NullMarked
package wrenlane.server.progress.practice;

import org.jspecify.annotations.NullMarked;

/** Tells open pages what was changed on another device. */
@NullMarked
package wrenlane.server.news;

import org.jspecify.annotations.NullMarked;

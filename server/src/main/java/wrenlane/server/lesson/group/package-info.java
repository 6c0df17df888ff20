/** A day's riders side by side: who works on what, and at which settings most of them would learn next time. */
@NullMarked
package wrenlane.server.lesson.group;

import org.jspecify.annotations.NullMarked;

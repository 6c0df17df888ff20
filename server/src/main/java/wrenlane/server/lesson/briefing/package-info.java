/** The day at a glance: what to bring, who rides what, and what is not ready. */
@NullMarked
package wrenlane.server.lesson.briefing;

import org.jspecify.annotations.NullMarked;

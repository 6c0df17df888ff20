/** What an instructor holds to be behind a rider's faults, beside what the counts say. */
@NullMarked
package wrenlane.server.progress.opinion;

import org.jspecify.annotations.NullMarked;

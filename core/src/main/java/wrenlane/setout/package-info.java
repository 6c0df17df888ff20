/**
 * The tape measurements that put every cone in place. Along = +x of the course from the datum corner,
 * across = away from the entry line, both never negative. Read {@link wrenlane.setout.SetOutSheet} first.
 */
@NullMarked
package wrenlane.setout;

import org.jspecify.annotations.NullMarked;

/**
 * The measurements that put every cone in place: along a baseline and across it, by two tapes, by centre and radius, in
 * bays or paces; what they do to the room; and how one course becomes the next. Lengths in metres, in the axes of a
 * {@link wrenlane.setup.Baseline}. Read {@link wrenlane.setup.SetupSheet} first.
 */
@NullMarked
package wrenlane.setup;

import org.jspecify.annotations.NullMarked;

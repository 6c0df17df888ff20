/**
 * The measurements that put every cone in place: along a baseline and across it, by two tapes, by centre and radius, in
 * bays or paces; what they do to the room; and how one course becomes the next. Lengths in metres, in the axes of a
 * {@link wrenlane.setout.Baseline}. Read {@link wrenlane.setout.SetOutSheet} first.
 */
@NullMarked
package wrenlane.setout;

import org.jspecify.annotations.NullMarked;

/** The kinds of course, one file each, named in {@link wrenlane.course.kind.CourseKinds}; a new kind is a file and a line there. */
@NullMarked
package wrenlane.course.kind;

import org.jspecify.annotations.NullMarked;

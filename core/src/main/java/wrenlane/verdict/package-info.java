/** What is said of a course for a machine and rider: whether it fits, by how much, how fast, how tight. Read {@link wrenlane.verdict.CourseFit} first. */
@NullMarked
package wrenlane.verdict;

import org.jspecify.annotations.NullMarked;

/** Places and ways in the plane: metres, x along the course, y to the left, angles anticlockwise. */
@NullMarked
package wrenlane.plane;

import org.jspecify.annotations.NullMarked;

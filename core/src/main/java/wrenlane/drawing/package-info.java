/**
 * Drawings in metres that leave the app: layers of rings, lines and words, written in any of {@link wrenlane.drawing.DrawingFormats}. x to the right, y up.
 * Read {@link wrenlane.drawing.Drawing} first.
 */
@NullMarked
package wrenlane.drawing;

import org.jspecify.annotations.NullMarked;

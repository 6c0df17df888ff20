package wrenlane.course.plan;

import wrenlane.plane.Point;

/**
 * A cone of a course.
 *
 * @param label what the setup sheet and the drawing call it
 * @param role what it tells the rider
 * @param marker what stands there
 * @param mark the tape mark it is set by
 * @param centre where its centre stands: on the mark, or outside a line with its base touching the mark
 */
public record Cone(String label, ConeRole role, Marker marker, Point mark, Point centre) {
    /** How it is ridden by. */
    public ConeSort sort() {
        return marker.sort();
    }

    public Cone mirrored() {
        return new Cone(label, role, marker, mark.mirrored(), centre.mirrored());
    }
}

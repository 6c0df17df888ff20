package wrenlane.course.plan;

/** The colour of a marker, as people name it across a yard. */
public enum MarkerColour {
    ORANGE,
    YELLOW,
    WHITE,
    RED,
    BLUE,
    GREEN
}

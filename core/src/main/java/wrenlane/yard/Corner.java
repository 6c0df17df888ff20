package wrenlane.yard;

/** What is known of a corner of an outline that is walked with the yard at the left hand. */
public enum Corner {
    /** A right angle, turned to the left: the corner of a rectangle. */
    SQUARE("square", Math.PI / 2),
    /** A right angle turned to the right: the inner corner of an L. */
    SQUARE_BACK("square, back into the yard", 3 * Math.PI / 2),
    /** Turned to the left by an angle not known; a diagonal fixes it. */
    OPEN("not square", Double.NaN),
    /** Turned to the right by an angle not known; a diagonal fixes it. */
    OPEN_BACK("not square, back into the yard", Double.NaN);

    private final String label;
    private final double interiorRadians;

    Corner(String label, double interiorRadians) {
        this.label = label;
        this.interiorRadians = interiorRadians;
    }

    public String label() {
        return label;
    }

    /** Whether the angle counts as measured. */
    boolean square() {
        return interiorRadians > 0;
    }

    /** The angle inside the yard, in radians; not a number where it is not known. */
    double interiorRadians() {
        return interiorRadians;
    }

    /** Whether the yard lies on the far side of a straight line here. */
    boolean back() {
        return this == SQUARE_BACK || this == OPEN_BACK;
    }
}

package wrenlane.machine;

/** The side a machine turns to. */
public enum Side {
    LEFT,
    RIGHT;

    /** The other side. */
    public Side opposite() {
        return this == LEFT ? RIGHT : LEFT;
    }

    /** In words, in the middle of a sentence. */
    public String word() {
        return this == LEFT ? "left" : "right";
    }

    /** +1 for left, −1 for right: the sign of a turn's curvature and heading change. */
    public int sign() {
        return this == LEFT ? 1 : -1;
    }
}

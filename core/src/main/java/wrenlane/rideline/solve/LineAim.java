package wrenlane.rideline.solve;

/**
 * What is sought of a line.
 *
 * @param kind which of room, share of the turn and smoothness
 * @param clearMetres room asked everywhere, where room itself is not sought
 * @param contentMetres room with which the search for room is content
 * @param freeShare share of the turn that costs nothing
 * @param elastic what a unit of missing room, or of turn or quickness there is not, costs against what is sought
 * @param leastPromise a change that promises less of what is sought is not worth making
 */
public record LineAim(
        Kind kind, double clearMetres, double contentMetres, double freeShare, double elastic, double leastPromise) {
    enum Kind {
        /** The most room, with no more of the turn than there is. */
        MOST_CLEARANCE,
        /** The smallest share of the turn, with room everywhere. */
        EASIEST,
        /** The smallest share of the turn and of the quickness alike, with room everywhere. */
        GENTLEST,
        /** The least change of curvature, with the share of the turn a line already takes and room everywhere. */
        SMOOTHEST
    }

    /** No more room than this is looked for, in metres. */
    public static final double MOST_CLEARANCE_METRES = 1;

    /** Close enough to the most room that is looked for, in metres. */
    static final double CONTENT_METRES = MOST_CLEARANCE_METRES - 2e-3;

    /** By how much a smoothed line may take more of the turn, as a share: less than can be told on the ground. */
    private static final double SHARE_LET = 2e-3;

    /** Weight of the change of curvature, so that among lines as good the smoothest is found; chosen small by us. */
    private static final double SMOOTHNESS = 2e-4;

    /** What half the square of the change of curvature counts when it is all that is sought. */
    private static final double ALL_SMOOTHNESS = 0.05;

    /** Above every multiplier met where a share of the turn is sought. */
    private static final double ELASTIC = 6;

    /** The same where room is: on an eight ridden fast a tenth more of the turn is worth 0.7 m of room. */
    private static final double ELASTIC_FOR_CLEARANCE = 12;

    /*
     * A change that promises less is not worth making: half a millimetre of room, 0.1 % of the turn, or what no eye sees of
     * smoothness. Chosen by us; halving them changed no answer by more than that.
     */
    private static final double FINE_METRES = 5e-4;
    private static final double FINE_SHARE = 1e-3;
    private static final double FINE_SMOOTHNESS = 5e-4;

    /** The same for room that is looked at roughly: a tenth of what riders tell apart. */
    private static final double ROUGH_METRES = 5e-3;

    static LineAim mostClearance() {
        return new LineAim(Kind.MOST_CLEARANCE, 0, CONTENT_METRES, 0, ELASTIC_FOR_CLEARANCE, FINE_METRES);
    }

    /** A guess with much room, which may take a little more of the turn than there is. */
    static LineAim muchClearance() {
        return new LineAim(Kind.MOST_CLEARANCE, 0, CONTENT_METRES, 0, ELASTIC, FINE_METRES);
    }

    /** A line with this much room, in metres, or the most to within a centimetre or two: the first is as good as any. */
    static LineAim withClearanceRoughly(double metres) {
        return new LineAim(Kind.MOST_CLEARANCE, 0, metres, 0, ELASTIC_FOR_CLEARANCE, ROUGH_METRES);
    }

    static LineAim easiest(double clearMetres) {
        return new LineAim(Kind.EASIEST, clearMetres, 0, 0, ELASTIC, FINE_SHARE);
    }

    /** The line that asks for the smallest share of turn and quickness, both scaled alike. */
    static LineAim gentlest(double clearMetres) {
        return new LineAim(Kind.GENTLEST, clearMetres, 0, 0, ELASTIC, FINE_SHARE);
    }

    /** The smoothest that takes no more of the turn than a share, but for a hair. */
    static LineAim smoothest(double share, double clearMetres) {
        return new LineAim(Kind.SMOOTHEST, clearMetres, 0, share * (1 + SHARE_LET), ELASTIC, FINE_SMOOTHNESS);
    }

    boolean clearance() {
        return kind == Kind.MOST_CLEARANCE;
    }

    /** Whether a share is what is sought to be small. */
    boolean leastShare() {
        return kind == Kind.EASIEST || kind == Kind.GENTLEST;
    }

    /** Whether the share is one of quickness too. */
    boolean scalesRate() {
        return kind == Kind.GENTLEST;
    }

    double smoothness() {
        return kind == Kind.SMOOTHEST ? ALL_SMOOTHNESS : SMOOTHNESS;
    }
}

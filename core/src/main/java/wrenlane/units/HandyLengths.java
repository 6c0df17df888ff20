package wrenlane.units;

import java.util.ArrayList;
import java.util.List;

/**
 * Lengths that people lay out, to which a computed one is rounded.
 *
 * @param stepMetres from one to the next
 * @param fineStepMetres the same for short lengths
 * @param fineBelowMetres what is short
 */
public record HandyLengths(double stepMetres, double fineStepMetres, double fineBelowMetres) {
    private static final double FOOT_METRES = 0.3048;

    /** 10 cm, below 2.5 m 5 cm: easy to find on a tape. */
    public static final HandyLengths METRIC = new HandyLengths(0.1, 0.05, 2.5);

    /** Whole feet, below 10 ft half feet. */
    public static final HandyLengths FEET = new HandyLengths(FOOT_METRES, FOOT_METRES / 2, 10 * FOOT_METRES);

    public HandyLengths {
        if (!(stepMetres > 0 && fineStepMetres > 0 && stepMetres < 20 && fineStepMetres <= stepMetres)) {
            throw new IllegalArgumentException("steps are " + stepMetres + " m and " + fineStepMetres
                    + " m; they lie above 0 and below 20 m, the fine one no larger");
        }
    }

    /** Half bays. */
    public static HandyLengths halfBays(double bayMetres) {
        return new HandyLengths(bayMetres / 2, bayMetres / 2, 0);
    }

    /** As a person reads lengths. */
    public static HandyLengths of(LengthSystem system) {
        return system == LengthSystem.METRIC ? METRIC : FEET;
    }

    /** In half bays where a length was said in bays, else as a person reads lengths. */
    public static HandyLengths like(MeasuredLength length, LengthSystem system) {
        return length.bayMetres().map(HandyLengths::halfBays).orElseGet(() -> of(system));
    }

    /** The nearest, in metres. */
    public double nearest(double metres) {
        double step = metres < fineBelowMetres ? fineStepMetres : stepMetres;
        // To a tenth of a millimetre, so that 0.1 · 3 is said as 0.3.
        return Math.round(Math.round(metres / step) * step * 1e4) / 1e4;
    }

    /** All from one length to another, both among them where they are handy, in metres, the least first. */
    public List<Double> between(double leastMetres, double mostMetres) {
        List<Double> lengths = new ArrayList<>();
        double at = nearest(leastMetres);
        while (at <= mostMetres + SAME) {
            if (at >= leastMetres - SAME) {
                lengths.add(at);
            }
            at = nearest(at + (at < fineBelowMetres - SAME ? fineStepMetres : stepMetres));
        }
        return List.copyOf(lengths);
    }

    /** Lengths nearer than this are one, in metres. */
    private static final double SAME = 1e-4;
}

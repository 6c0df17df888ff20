package wrenlane.server.platform.format;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The measure that difficulty took the place of, in older files: 1/s, where a larger number is easier.
 *
 * <p>Its share s was of a turn and a quickness computed too small, by 16 to 20 %: s times 0.81 is the difficulty of a U-turn
 * at the same size, to within 2 % on every class of machine (worked for widths from 5 to 9.1 m).
 */
public final class OldDifficulty {
    private static final double SHARE = 0.81;

    private static final double HUNDREDTHS = 100;

    private OldDifficulty() {}

    /** The difficulty of a difficulty above zero, to a percent. */
    public static double difficulty(double tightness) {
        return Math.round(HUNDREDTHS * SHARE / tightness) / HUNDREDTHS;
    }

    /** Puts a difficulty in the place of a difficulty, where there is one. */
    public static void replace(ObjectNode in, String tightness, String difficulty) {
        JsonNode old = in.remove(tightness);
        if (old != null && old.isNumber()) {
            in.put(difficulty, difficulty(old.asDouble()));
        }
    }
}

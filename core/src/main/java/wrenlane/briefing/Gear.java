package wrenlane.briefing;

import wrenlane.units.LengthSystem;

/** What is brought to every lesson beside cones; from practice. */
public final class Gear {
    private Gear() {}

    /** In words, the tape as people buy it: of 20 m or 65 ft, longer than any diagonal but those of the longest courses. */
    public static String besidesCones(LengthSystem system) {
        return "Tape of " + (system == LengthSystem.METRIC ? "20 m" : "65 ft")
                + " or more, chalk, broom, first-aid kit, water";
    }
}

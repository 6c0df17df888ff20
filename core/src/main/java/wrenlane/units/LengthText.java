package wrenlane.units;

import java.util.Optional;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.finding.Said;
import wrenlane.finding.TypedText;
import wrenlane.units.LengthParser.Count;

/** Whether the words a length is kept with say that length. */
public final class LengthText {
    /** How far a rounded text may be from its length, in metres: half of the half inch that is said, and a bit. */
    static final double ROUNDING_METRES = 0.0065;

    /** What one pace of anybody may measure, in metres; chosen by us: from a small step to a long stride. */
    private static final double LEAST_PACE = 0.3;

    private static final double MOST_PACE = 2;

    /** What one painted bay may measure, in metres; chosen by us: from a bicycle's to a coach's. */
    private static final double LEAST_BAY = 0.5;

    private static final double MOST_BAY = 20;

    private LengthText() {}

    /**
     * The finding for a text that says something else. A text in metres or in feet is compared to what it is rounded to; one
     * in paces or bays, whose measure is not known here, by what one of them would measure. No text says nothing wrong.
     *
     * @param where the name of the field
     */
    public static Optional<Finding> check(String where, String text, double metres) {
        if (text.isBlank() || says(text, LengthSystem.METRIC, metres) || says(text, LengthSystem.IMPERIAL, metres)) {
            return Optional.empty();
        }
        Optional<Count> count = LengthParser.count(text).filter(c -> c.number() > 0);
        if (count.isPresent()) {
            boolean paces = count.get().method() == LengthMethod.PACES;
            return Checks.range(
                    where,
                    "One of " + TypedText.quoted(text),
                    metres / count.get().number(),
                    paces ? LEAST_PACE : LEAST_BAY,
                    paces ? MOST_PACE : MOST_BAY,
                    "m");
        }
        return Optional.of(new Finding(
                "text-not-the-length",
                where,
                Said.of("%s does not say %s. Type the length again.", TypedText.quoted(text), Said.metres(metres))));
    }

    /** How many paces or bays a text says, whatever one of them measures; 0 where it says another thing. */
    public static double counted(String text) {
        return LengthParser.count(text).map(Count::number).orElse(0.0);
    }

    private static boolean says(String text, LengthSystem system, double metres) {
        return new LengthParser(Calibrations.NONE, system).parse(text) instanceof LengthReading.Understood understood
                && Math.abs(understood.length().metres() - metres) <= ROUNDING_METRES;
    }
}

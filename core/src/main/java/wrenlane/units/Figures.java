package wrenlane.units;

import wrenlane.finding.Sentence;

/**
 * How whoever reads has figures written.
 *
 * @param system metres or feet
 * @param sign between whole numbers and their parts
 */
public record Figures(LengthSystem system, DecimalSign sign) {
    /** Metres with a decimal point. */
    public static final Figures METRIC = new Figures(LengthSystem.METRIC, DecimalSign.POINT);

    /** Feet and inches with a decimal point. */
    public static final Figures IMPERIAL = new Figures(LengthSystem.IMPERIAL, DecimalSign.POINT);

    /** A length, such as {@code 7.20 m}, {@code 7,20 m} or {@code 23' 7.5"}. */
    public String length(double metres) {
        return sign.in(system == LengthSystem.METRIC ? LengthFormat.metric(metres) : LengthFormat.imperial(metres));
    }

    /** A sentence with its lengths and numbers; words that somebody chose stay as they are. */
    public String of(Sentence sentence) {
        return sentence.with(
                length -> system == LengthSystem.METRIC ? sign.in(length.metric()) : length(length.metres()),
                sign.locale());
    }
}

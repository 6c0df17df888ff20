package wrenlane.finding;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Gathers findings, so that everything wrong is said at once. */
public final class Checks {
    private final List<Finding> findings = new ArrayList<>();

    /** Adds a finding. */
    public Checks add(String code, String where, String message) {
        findings.add(new Finding(code, where, message));
        return this;
    }

    /** Adds a finding that speaks of lengths. */
    public Checks add(String code, String where, Sentence message) {
        findings.add(new Finding(code, where, message));
        return this;
    }

    /** Adds a finding where there is one. */
    public Checks add(Optional<Finding> finding) {
        finding.ifPresent(findings::add);
        return this;
    }

    /** Adds several findings. */
    public Checks addAll(List<Finding> more) {
        findings.addAll(more);
        return this;
    }

    /** Everything found so far, in the order it was found. */
    public List<Finding> findings() {
        return List.copyOf(findings);
    }

    /**
     * The finding for a number outside its range; NaN is outside every range.
     *
     * @param unit how {@code value}, {@code min} and {@code max} are said; what is in {@code m} stays a length
     */
    public static Optional<Finding> range(
            String where, String name, double value, double min, double max, String unit) {
        if (value >= min && value <= max) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                "out-of-range",
                where,
                Sentence.of(
                        "%s must be between %s and %s%s; it is %s.",
                        name,
                        said(min, unit, ""),
                        said(max, unit, " " + unit),
                        unit.isEmpty() || unit.equals("m") ? "" : " " + unit,
                        Double.isFinite(value) ? said(value, unit, "") : "not a number")));
    }

    /** A value in a unit, as a length where it is one; the unit is written where it is named. */
    private static Object said(double value, String unit, String named) {
        return unit.equals("m") ? new Sentence.Length(value, plain(value) + named) : new Sentence.Number(plain(value));
    }

    /** Up to four significant digits, without trailing zeros or exponent. */
    private static String plain(double value) {
        return new BigDecimal(value)
                .round(new MathContext(4, RoundingMode.HALF_UP))
                .stripTrailingZeros()
                .toPlainString();
    }
}

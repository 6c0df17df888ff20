package wrenlane.units;

import java.util.Locale;

/** Writes a length so that {@link LengthParser} reads it back within the step it was rounded to. */
public final class LengthFormat {
    private LengthFormat() {}

    /** Metres to the centimetre, such as {@code 7.20 m}. */
    public static String metric(double metres) {
        return String.format(Locale.ROOT, "%.2f m", metres);
    }

    /** Feet and inches to the half inch, such as {@code 23' 7.5"}. */
    public static String imperial(double metres) {
        long halfInches = Math.round(Math.abs(metres) / LengthParser.METRES_PER_INCH * 2);
        long feet = halfInches / 24;
        double inches = (halfInches % 24) / 2.0;
        String said = inches == Math.rint(inches) ? Long.toString((long) inches) : Double.toString(inches);
        return (metres < 0 && halfInches > 0 ? "-" : "") + feet + "' " + said + "\"";
    }
}

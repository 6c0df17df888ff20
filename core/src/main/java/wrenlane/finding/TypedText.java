package wrenlane.finding;

import java.text.Normalizer;

/**
 * Text that people typed, as it is kept: in one form, and with nothing in it that cannot be seen.
 *
 * <p>Source: Unicode Standard Annex 15 (normalisation form C: the same letters are the same text however they were typed)
 * and the general categories of the Unicode Character Database, section 5.7.1.
 */
public final class TypedText {
    /** Longest piece of a person's text said back to them; chosen by us: enough to know it again. */
    private static final int MOST_QUOTED = 60;

    private static final int ZERO_WIDTH_NON_JOINER = 0x200C;
    private static final int ZERO_WIDTH_JOINER = 0x200D;

    private TypedText() {}

    /**
     * The text as it is kept: normalised; controls, marks of writing direction, halves of surrogate pairs and other
     * characters without a shape left out; every sort of line end the same. Joiners stay, since scripts and signs are
     * written with them; so do line ends and tabs.
     */
    public static String cleaned(String text) {
        StringBuilder kept = new StringBuilder(text.length());
        text.replace("\r\n", "\n").codePoints().forEach(c -> {
            if (c == '\r' || c == 0x85 || c == 0x2028 || c == 0x2029) {
                kept.append('\n');
            } else if (isKept(c)) {
                kept.appendCodePoint(c);
            }
        });
        return Normalizer.normalize(kept, Normalizer.Form.NFC);
    }

    private static boolean isKept(int c) {
        return switch (Character.getType(c)) {
            case Character.CONTROL -> c == '\n' || c == '\t';
            case Character.FORMAT -> c == ZERO_WIDTH_JOINER || c == ZERO_WIDTH_NON_JOINER;
            case Character.SURROGATE, Character.UNASSIGNED -> false;
            default -> true;
        };
    }

    /** A text of one line, such as a name: cleaned, line ends and runs of spaces as one space, none at the ends. */
    public static String line(String text) {
        return cleaned(text).replaceAll("[\\s\\p{Z}]+", " ").strip();
    }

    /** Whether there is anything in a text to see. */
    public static boolean isVisible(String text) {
        return text.codePoints().anyMatch(TypedText::hasShape);
    }

    private static boolean hasShape(int c) {
        return switch (Character.getType(c)) {
            case Character.CONTROL,
                    Character.FORMAT,
                    Character.SURROGATE,
                    Character.UNASSIGNED,
                    Character.PRIVATE_USE,
                    Character.SPACE_SEPARATOR,
                    Character.LINE_SEPARATOR,
                    Character.PARAGRAPH_SEPARATOR,
                    Character.NON_SPACING_MARK,
                    Character.ENCLOSING_MARK -> false;
            default -> !isFiller(c);
        };
    }

    /** Letters and signs that are blank by design: the fillers of Hangul, and Braille without a dot. */
    private static boolean isFiller(int c) {
        return c == 0x115F || c == 0x1160 || c == 0x3164 || c == 0xFFA0 || c == 0x2800;
    }

    /** A piece of a person's text to be said back to them, in quotation marks. */
    public static String quoted(String text) {
        String line = line(text);
        int[] start = line.codePoints().limit(MOST_QUOTED).toArray();
        String said = new String(start, 0, start.length);
        return "“" + said + (said.length() < line.length() ? "…" : "") + "”";
    }
}

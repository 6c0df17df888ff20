package wrenlane.units;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A piece of a typed length.
 *
 * @param kind of piece
 * @param text its characters, in lower case and in their plainest form
 */
record LengthToken(Kind kind, String text) {
    /** What a piece can be. */
    enum Kind {
        /** Digits, with decimal and thousands signs between them. */
        NUMBER,
        /** Two whole numbers parted by a stroke: 1/2. */
        FRACTION,
        /** Letters. */
        WORD,
        /** A prime, quote or apostrophe: feet. */
        FOOT_MARK,
        /** A double prime, double quote or two apostrophes: inches. */
        INCH_MARK,
        PLUS,
        DASH,
        COMMA,
        OTHER
    }

    private static final String FOOT_MARKS = "'’‘′ʹ´`";
    private static final String INCH_MARKS = "\"”“″ʺ";
    private static final String DASHES = "-‐‑‒–—−";
    private static final char FRACTION_SLASH = '\u2044';

    /** The pieces of a text, without the spaces between them. */
    static List<LengthToken> of(String text) {
        return new Scanner(plain(text)).tokens();
    }

    boolean is(Kind some) {
        return kind == some;
    }

    /** Full-width signs become plain ones, and a sign such as ½ becomes a fraction that stands for itself. */
    private static String plain(String text) {
        StringBuilder plain = new StringBuilder();
        for (char c : text.toCharArray()) {
            if (FOOT_MARKS.indexOf(c) >= 0) {
                plain.append('\'');
            } else if (INCH_MARKS.indexOf(c) >= 0) {
                plain.append('"');
            } else if (DASHES.indexOf(c) >= 0) {
                plain.append('-');
            } else {
                String simple = Normalizer.normalize(String.valueOf(c), Normalizer.Form.NFKC);
                boolean vulgar = simple.indexOf(FRACTION_SLASH) > 0;
                plain.append(vulgar ? " " + simple + " " : simple);
            }
        }
        return plain.toString()
                .replace(FRACTION_SLASH, '/')
                .replace("''", "\"")
                .replaceAll("[\\s\\p{Z}]+", " ")
                .toLowerCase(Locale.ROOT)
                .strip();
    }

    /** Walks along a text. */
    private static final class Scanner {
        private final String text;
        private int at;

        Scanner(String text) {
            this.text = text;
        }

        List<LengthToken> tokens() {
            List<LengthToken> tokens = new ArrayList<>();
            while (at < text.length()) {
                if (text.charAt(at) == ' ') {
                    at++;
                } else {
                    tokens.add(next());
                }
            }
            return tokens;
        }

        private LengthToken next() {
            int from = at;
            if (isNumberAt(at)) {
                return number(from);
            }
            if (Character.isLetter(text.charAt(at))) {
                while (at < text.length() && Character.isLetter(text.charAt(at))) {
                    at++;
                }
                String word = text.substring(from, at);
                // Short forms may end in a point: "23 ft. 6 in."
                if (at < text.length() && text.charAt(at) == '.') {
                    at++;
                }
                return new LengthToken(Kind.WORD, word);
            }
            return new LengthToken(sign(text.charAt(at++)), text.substring(from, at));
        }

        private LengthToken number(int from) {
            while (at < text.length() && (isDigit(at) || (isSign(at) && isDigit(at + 1)))) {
                at++;
            }
            boolean whole = text.substring(from, at).chars().allMatch(c -> c >= '0' && c <= '9');
            if (whole && at < text.length() && text.charAt(at) == '/' && isDigit(at + 1)) {
                at++;
                while (isDigit(at)) {
                    at++;
                }
                return new LengthToken(Kind.FRACTION, text.substring(from, at));
            }
            String number = text.substring(from, at);
            // The decimals after a sign may still be on their way.
            if (at < text.length() && isSign(at) && (at + 1 == text.length() || isUnitAfter(at + 1))) {
                at++;
            }
            return new LengthToken(Kind.NUMBER, number);
        }

        private boolean isUnitAfter(int place) {
            int unit = text.charAt(place) == ' ' ? place + 1 : place;
            return unit < text.length() && text.charAt(unit - 1) != ',' && Character.isLetter(text.charAt(unit));
        }

        private boolean isNumberAt(int place) {
            return isDigit(place) || (isSign(place) && isDigit(place + 1));
        }

        private boolean isDigit(int place) {
            return place < text.length() && text.charAt(place) >= '0' && text.charAt(place) <= '9';
        }

        private boolean isSign(int place) {
            return text.charAt(place) == '.' || text.charAt(place) == ',';
        }

        private static Kind sign(char c) {
            return switch (c) {
                case '\'' -> Kind.FOOT_MARK;
                case '"' -> Kind.INCH_MARK;
                case '+' -> Kind.PLUS;
                case '-' -> Kind.DASH;
                case ',' -> Kind.COMMA;
                default -> Kind.OTHER;
            };
        }
    }
}

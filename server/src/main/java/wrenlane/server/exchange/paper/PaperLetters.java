package wrenlane.server.exchange.paper;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** Which letters a font has, so that a paper says what it could not print: names are written in any letters. */
final class PaperLetters {
    private static final String END = "</body>";

    private final CmapLookup font;

    /** @param font a TrueType font, read to its end and closed */
    PaperLetters(InputStream font) {
        try (InputStream in = font) {
            this.font = new TTFParser().parse(new RandomAccessReadBuffer(in)).getUnicodeCmapLookup();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A page that says at its end which writing it has no letters of; as it is where there is none. */
    String sayingWhatIsLacking(String html) {
        Set<String> scripts = lacking(html);
        int end = html.lastIndexOf(END);
        if (scripts.isEmpty() || end < 0) {
            return html;
        }
        String note = "<p>This paper has no letters for " + String.join(", ", scripts)
                + ": what is written in them stands as #. The pages on the screen show it.</p>";
        return html.substring(0, end) + note + html.substring(end);
    }

    /** Names of the scripts, or signs, of which the font lacks a letter that stands there. */
    Set<String> lacking(String text) {
        return text.codePoints()
                .filter(letter -> !Character.isISOControl(letter) && !isInvisible(letter))
                .filter(letter -> font.getGlyphId(letter) == 0)
                .mapToObj(PaperLetters::script)
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** Joiners and marks of how a letter before is drawn. */
    private static boolean isInvisible(int letter) {
        return Character.getType(letter) == Character.FORMAT
                || Character.UnicodeScript.of(letter) == Character.UnicodeScript.INHERITED;
    }

    private static String script(int letter) {
        Character.UnicodeScript script = Character.UnicodeScript.of(letter);
        if (script == Character.UnicodeScript.COMMON || script == Character.UnicodeScript.UNKNOWN) {
            return "some signs";
        }
        String name = script.name().toLowerCase(Locale.ROOT).replace('_', ' ');
        return Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }
}

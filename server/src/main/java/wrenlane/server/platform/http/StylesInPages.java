package wrenlane.server.platform.http;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.core.io.ClassPathResource;

/** The styles that stand in the pages themselves, as a policy names what it lets through (CSP Level 3, W3C, section 2.3.1). */
final class StylesInPages {
    private static final Pattern STYLE = Pattern.compile("<style>(.*?)</style>", Pattern.DOTALL);

    private StylesInPages() {}

    /**
     * The sources of styles: SHA-256 of each that stands in the page which all others are made from.
     *
     * @throws UncheckedIOException where the app was packed without its pages
     */
    static String source() {
        try {
            String page = new ClassPathResource("static/index.html").getContentAsString(StandardCharsets.UTF_8);
            return STYLE.matcher(page)
                    .results()
                    .map((MatchResult found) -> "'sha256-" + sha256(found.group(1)) + "'")
                    .collect(Collectors.joining(" "));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String sha256(String text) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return Base64.getEncoder().encodeToString(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}

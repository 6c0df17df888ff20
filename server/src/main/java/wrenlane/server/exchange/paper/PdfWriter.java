package wrenlane.server.exchange.paper;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.slf4j.Slf4jLogger;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;
import wrenlane.server.platform.problem.BusyException;

/** Fills a template and makes a PDF of it, its fonts embedded. */
@Component
class PdfWriter {
    private static final String FONT = "DejaVu Sans";
    private static final int NORMAL = 400;
    private static final int BOLD = 700;

    /** PDFs made at once: each takes tens of megabytes while it is laid out. */
    private static final int AT_ONCE = 1;

    /** How long one waits for its turn; chosen by us: the largest takes a few seconds. */
    private static final long LONGEST_WAIT_SECONDS = 60;

    private static final String LETTERS = "/static/paper/DejaVuSans.ttf";

    private final PaperLetters letters = new PaperLetters(resource(LETTERS));
    private final Semaphore turns = new Semaphore(AT_ONCE, true);

    static {
        XRLog.setLoggerImpl(new Slf4jLogger());
    }

    /**
     * The PDF.
     *
     * @param template name of a file in {@code paper/}
     * @param words what the template asks for
     */
    byte[] write(String template, Map<String, Object> words) {
        try {
            if (!turns.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS)) {
                throw new BusyException();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new BusyException();
        }
        try {
            return written(template, words);
        } finally {
            turns.release();
        }
    }

    private byte[] written(String template, Map<String, Object> words) {
        try (ByteArrayOutputStream pdf = new ByteArrayOutputStream()) {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            builder.useFont(() -> resource(LETTERS), FONT, NORMAL, FontStyle.NORMAL, true);
            builder.useFont(() -> resource("/static/paper/DejaVuSans-Bold.ttf"), FONT, BOLD, FontStyle.NORMAL, true);
            builder.useFont(
                    () -> resource("/static/paper/DejaVuSansMono.ttf"),
                    "DejaVu Sans Mono",
                    NORMAL,
                    FontStyle.NORMAL,
                    true);
            builder.useSVGDrawer(new BatikSVGDrawer());
            builder.withHtmlContent(letters.sayingWhatIsLacking(filled(template, words)), null);
            builder.toStream(pdf);
            builder.run();
            return pdf.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String filled(String name, Map<String, Object> words) throws IOException {
        try (Reader reader = reader(name)) {
            // What templates share stands in one of its own.
            Template template = Mustache.compiler()
                    .withLoader(PdfWriter::reader)
                    .defaultValue("")
                    .compile(reader);
            return template.execute(words);
        }
    }

    private static Reader reader(String name) {
        return new InputStreamReader(resource("/paper/" + name), StandardCharsets.UTF_8);
    }

    private static InputStream resource(String path) {
        return Optional.ofNullable(PdfWriter.class.getResourceAsStream(path))
                .orElseThrow(() -> new IllegalStateException(path + " is missing from the build"));
    }
}

package wrenlane.server.platform.http;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;
import wrenlane.finding.Sentence;
import wrenlane.units.DecimalSign;
import wrenlane.units.Figures;
import wrenlane.units.LengthSystem;

/**
 * Sentences say their figures as whoever asks reads them: in feet and inches where the address says
 * {@code system=IMPERIAL}, else in metres; with a decimal comma where the first language of {@code Accept-Language} has one.
 *
 * <p>Source: RFC 9110, section 12.5.4.
 */
@Component
public class ReaderUnits implements JsonMapperBuilderCustomizer {
    /** Parameter of an address, by which sizes, too, are rounded. */
    private static final String SYSTEM = "system";

    @Override
    public void customize(JsonMapper.Builder builder) {
        builder.addModule(new SimpleModule("said").addSerializer(Sentence.class, new Writer()));
    }

    /** A sentence as whoever asks reads it. */
    public static String said(Sentence sentence) {
        return figures(asked().filter(ReaderUnits::inFeet).isPresent() ? LengthSystem.IMPERIAL : LengthSystem.METRIC)
                .of(sentence);
    }

    private static boolean inFeet(HttpServletRequest request) {
        return LengthSystem.IMPERIAL.name().equals(request.getParameter(SYSTEM));
    }

    /** Figures in a system, with the decimal sign of whoever asks. */
    public static Figures figures(LengthSystem system) {
        return new Figures(
                system,
                asked().filter(request -> request.getHeader(HttpHeaders.ACCEPT_LANGUAGE) != null)
                        .map(request -> DecimalSign.of(request.getLocale()))
                        .orElse(DecimalSign.POINT));
    }

    private static Optional<HttpServletRequest> asked() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes asked
                ? Optional.of(asked.getRequest())
                : Optional.empty();
    }

    private static final class Writer extends StdSerializer<Sentence> {
        Writer() {
            super(Sentence.class);
        }

        @Override
        public void serialize(Sentence sentence, JsonGenerator json, SerializationContext context) {
            json.writeString(said(sentence));
        }
    }
}

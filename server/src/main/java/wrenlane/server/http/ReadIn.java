package wrenlane.server.http;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;
import wrenlane.finding.Said;
import wrenlane.units.LengthFormat;
import wrenlane.units.LengthSystem;

/**
 * Sentences say their lengths in the units whoever asks reads them in: feet and inches where the request says
 * {@code Prefer: lengths=imperial}, else metres.
 *
 * <p>Source: RFC 7240, section 2 (a preference that is not understood is passed over).
 */
@Component
public class ReadIn implements JsonMapperBuilderCustomizer {
    private static final String HEADER = "Prefer";
    private static final String FEET = "lengths=imperial";

    @Override
    public void customize(JsonMapper.Builder builder) {
        builder.addModule(new SimpleModule("said").addSerializer(Said.class, new Writer()));
    }

    /** A sentence as whoever asks reads it. */
    public static String said(Said sentence) {
        return LengthFormat.of(sentence, asked());
    }

    private static LengthSystem asked() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request
                        && FEET.equals(request.getRequest().getHeader(HEADER))
                ? LengthSystem.IMPERIAL
                : LengthSystem.METRIC;
    }

    private static final class Writer extends StdSerializer<Said> {
        Writer() {
            super(Said.class);
        }

        @Override
        public void serialize(Said sentence, JsonGenerator json, SerializationContext context) {
            json.writeString(said(sentence));
        }
    }
}

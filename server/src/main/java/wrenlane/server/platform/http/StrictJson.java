package wrenlane.server.platform.http;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.function.Function;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.type.LogicalType;
import wrenlane.finding.TypedText;

/**
 * Reads JSON as it is written and in no other way: a number is no text, a text no number, {@code 1.9} no whole number, a
 * time no number, and a key that stands twice is refused. Text comes out cleaned.
 */
@Component
public class StrictJson implements JsonMapperBuilderCustomizer {
    @Override
    public void customize(JsonMapper.Builder builder) {
        strict(builder);
    }

    /** The same for a reader of one's own. */
    public static JsonMapper.Builder strict(JsonMapper.Builder builder) {
        JsonMapper.Builder strict = builder.enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .addModule(new SimpleModule("strict")
                        .addDeserializer(String.class, new TextDeserializer<>(String.class, "text", TypedText::cleaned))
                        .addDeserializer(
                                LocalDate.class,
                                new TextDeserializer<>(LocalDate.class, "a date, such as 2026-05-14", LocalDate::parse))
                        .addDeserializer(
                                Instant.class,
                                new TextDeserializer<>(
                                        Instant.class, "a time, such as 2026-05-14T09:00:00Z", Instant::parse))
                        .addDeserializer(Double.class, new NumberDeserializer())
                        .addDeserializer(Double.TYPE, new NumberDeserializer()));
        for (LogicalType type : new LogicalType[] {LogicalType.Enum, LogicalType.Integer, LogicalType.Boolean}) {
            strict = strict.withCoercionConfig(type, c -> {
                for (CoercionInputShape shape : CoercionInputShape.values()) {
                    c.setCoercion(shape, CoercionAction.Fail);
                }
            });
        }
        return strict;
    }

    /** Something written as text in JSON. */
    private static final class TextDeserializer<T> extends StdDeserializer<T> {
        private final String expected;
        private final transient Function<String, T> reading;

        TextDeserializer(Class<T> type, String expected, Function<String, T> reading) {
            super(type);
            this.expected = expected;
            this.reading = reading;
        }

        @Override
        @SuppressWarnings("unchecked")
        public T deserialize(JsonParser json, DeserializationContext context) {
            if (!json.hasToken(JsonToken.VALUE_STRING)) {
                return (T) context.reportInputMismatch(handledType(), "must be %s", expected);
            }
            try {
                return reading.apply(json.getString());
            } catch (DateTimeException e) {
                return (T) context.reportInputMismatch(handledType(), "must be %s", expected);
            }
        }
    }

    /** A finite number. */
    private static final class NumberDeserializer extends StdDeserializer<Double> {
        NumberDeserializer() {
            super(Double.class);
        }

        @Override
        public Double deserialize(JsonParser json, DeserializationContext context) {
            if (json.hasToken(JsonToken.VALUE_NUMBER_FLOAT) || json.hasToken(JsonToken.VALUE_NUMBER_INT)) {
                double value = json.getDoubleValue();
                if (Double.isFinite(value)) {
                    return value;
                }
            }
            return context.reportInputMismatch(Double.class, "must be a number");
        }
    }
}

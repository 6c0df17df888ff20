package wrenlane.server.exchange.runs;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.run.Fault;
import wrenlane.run.OutcomeText;
import wrenlane.run.Technique;
import wrenlane.server.platform.storage.Storage;

/** Writes runs that count as CSV (RFC 4180) or JSON, a few thousand at a time, however many there are. */
@Component
class RunTable {
    /** Runs read at once. */
    private static final int PIECE = 5000;

    /** Settings are written to a tenth of a millimetre. */
    private static final double STEPS_A_METRE = 10_000;

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ROOT);

    private static final String[] HEAD = {
        "id",
        "date",
        "time",
        "day",
        "rider",
        "machine",
        "drill_id",
        "drill",
        "course",
        "kind",
        "side",
        "setting_m",
        "outcome",
        "sort",
        "seconds",
        "minutes",
        "laps",
        "seen",
        "note",
        "simulated"
    };

    static final String FORMAT = "wren-lane-runs/2";

    private final RunFileMapper mapper;
    private final Storage storage;
    private final Clock clock;
    private final JsonMapper json;

    RunTable(RunFileMapper mapper, Storage storage, Clock clock, JsonMapper json) {
        this.mapper = mapper;
        this.storage = storage;
        this.clock = clock;
        this.json = json;
    }

    /**
     * Whose runs.
     *
     * @param riderId of everybody where missing
     * @param dayId of all days where missing
     */
    record Of(@Nullable Long riderId, @Nullable Long dayId) {}

    private void each(Of of, Consumer<NamedRun> with) {
        long afterMs = Long.MIN_VALUE;
        long afterRow = 0;
        List<NamedRun> piece;
        do {
            long ms = afterMs;
            long row = afterRow;
            piece = storage.read(() -> mapper.named(of.riderId(), of.dayId(), ms, row, PIECE));
            piece.forEach(with);
            if (!piece.isEmpty()) {
                NamedRun last = piece.get(piece.size() - 1);
                afterMs = last.loggedAtMs();
                afterRow = last.rowNumber();
            }
        } while (piece.size() == PIECE);
    }

    private static @Nullable String side(NamedRun run) {
        boolean straight = Optional.ofNullable(run.kind())
                .flatMap(CourseKinds::find)
                .filter(CourseKind::isStraight)
                .isPresent();
        return straight || run.side() == null ? null : run.side().toLowerCase(Locale.ROOT);
    }

    private List<Object> cells(NamedRun run) {
        ZonedDateTime at = Instant.ofEpochMilli(run.loggedAtMs()).atZone(clock.getZone());
        return Arrays.asList(
                run.id(),
                at.toLocalDate().toString(),
                TIME.format(at),
                run.day(),
                run.rider(),
                run.machine(),
                run.drillId(),
                run.drill(),
                run.course(),
                run.kind(),
                side(run),
                run.settingM() == null ? null : Math.round(run.settingM() * STEPS_A_METRE) / STEPS_A_METRE,
                OutcomeText.of(faults(run)),
                run.sort().toLowerCase(Locale.ROOT).replace('_', ' '),
                run.seconds(),
                run.minutes(),
                run.laps(),
                seen(run),
                run.note(),
                run.simulated());
    }

    /** How often each was seen; once in anything but a spell. */
    private static Map<Fault, Integer> faults(NamedRun run) {
        Map<Fault, Integer> faults = new EnumMap<>(Fault.class);
        split(run.faults()).forEach(name -> faults.put(Fault.valueOf(name), 1));
        split(run.faultCounts()).forEach(pair -> {
            String[] parts = pair.split(":");
            faults.put(Fault.valueOf(parts[0]), Integer.valueOf(parts[1]));
        });
        return faults;
    }

    private static Stream<String> split(String joined) {
        return joined.isEmpty() ? Stream.empty() : Arrays.stream(joined.split(","));
    }

    private static String seen(NamedRun run) {
        return split(run.technique())
                .map(name -> Technique.valueOf(name).label())
                .collect(Collectors.joining(", "));
    }

    void csv(Of of, OutputStream out) throws IOException {
        Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        CSVPrinter printer = new CSVPrinter(
                writer, CSVFormat.RFC4180.builder().setHeader(HEAD).get());
        each(of, run -> {
            try {
                printer.printRecord(cells(run).stream()
                        .map(cell -> cell instanceof String text ? CsvTable.guarded(text) : cell)
                        .toList());
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
        printer.flush();
    }

    void json(Of of, OutputStream out) {
        JsonGenerator generator = json.createGenerator(out);
        generator.writeStartObject();
        generator.writeStringProperty("format", FORMAT);
        generator.writeArrayPropertyStart("runs");
        each(of, run -> {
            generator.writeStartObject();
            List<Object> cells = cells(run);
            for (int i = 0; i < HEAD.length; i++) {
                if (cells.get(i) != null) {
                    generator.writePOJOProperty(HEAD[i], cells.get(i));
                }
            }
            generator.writeEndObject();
        });
        generator.writeEndArray();
        generator.writeEndObject();
        generator.close();
    }
}

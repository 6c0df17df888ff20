package wrenlane.server.exchange.runs;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.course.CourseKind;
import wrenlane.id.DayId;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;
import wrenlane.run.CourseRide;
import wrenlane.run.NamedDrill;
import wrenlane.run.OutcomeText;
import wrenlane.run.Run;
import wrenlane.run.RunDetail;
import wrenlane.run.Technique;
import wrenlane.server.day.DayService;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.progress.run.RunPage;
import wrenlane.server.progress.run.RunRepository;

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

    private final RunRepository runs;
    private final DayService days;
    private final RiderService riders;
    private final MachineService machines;
    private final Clock clock;
    private final JsonMapper json;

    RunTable(
            RunRepository runs,
            DayService days,
            RiderService riders,
            MachineService machines,
            Clock clock,
            JsonMapper json) {
        this.runs = runs;
        this.days = days;
        this.riders = riders;
        this.machines = machines;
        this.clock = clock;
        this.json = json;
    }

    /**
     * Whose runs.
     *
     * @param riderId of everybody where missing
     * @param dayId of all days where missing
     */
    record RunOwner(@Nullable Long riderId, @Nullable Long dayId) {}

    private void each(RunOwner of, Consumer<List<@Nullable Object>> with) {
        Names names = new Names();
        Optional<RunPage.Place> next = Optional.of(RunPage.Place.START);
        while (next.isPresent()) {
            RunPage page = runs.page(of.riderId(), of.dayId(), next.get(), PIECE);
            page.runs().forEach(run -> with.accept(cells(run, names)));
            next = page.next();
        }
    }

    /** Names of what runs refer to, each looked up once. */
    private final class Names {
        private final Map<DayId, String> ofDays = new HashMap<>();
        private final Map<RiderId, String> ofRiders = new HashMap<>();
        private final Map<MachineId, String> ofMachines = new HashMap<>();

        String day(Run run) {
            return ofDays.computeIfAbsent(
                    run.dayId(), id -> days.heading(id.value()).title());
        }

        String rider(Run run) {
            return ofRiders.computeIfAbsent(
                    run.riderId(), id -> riders.get(id.value()).name());
        }

        String machine(Run run) {
            return ofMachines.computeIfAbsent(
                    run.machineId(), id -> machines.get(id.value()).name());
        }
    }

    private List<@Nullable Object> cells(Run run, Names names) {
        ZonedDateTime at = run.at().atZone(clock.getZone());
        RunDetail detail = run.detail();
        return Arrays.asList(
                run.id().value(),
                at.toLocalDate().toString(),
                TIME.format(at),
                names.day(run),
                names.rider(run),
                names.machine(run),
                run.drillId().orElse(null),
                run.context().drill().map(NamedDrill::name).orElse(null),
                run.ride().map(CourseRide::courseName).orElse(null),
                run.kind().map(CourseKind::id).orElse(null),
                run.side().map(side -> side.name().toLowerCase(Locale.ROOT)).orElse(null),
                run.sizeMetres()
                        .map(size -> Math.round(size * STEPS_A_METRE) / STEPS_A_METRE)
                        .orElse(null),
                detail.faultCounts().isEmpty() ? OutcomeText.of(run.faults()) : OutcomeText.of(detail.faultCounts()),
                detail.sort().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                detail.seconds().orElse(null),
                detail.minutes().orElse(null),
                detail.laps().orElse(null),
                detail.observed().technique().stream()
                        .sorted()
                        .map(Technique::label)
                        .collect(Collectors.joining(", ")),
                detail.note(),
                run.log().simulated());
    }

    void csv(RunOwner of, OutputStream out) throws IOException {
        Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        CSVPrinter printer = new CSVPrinter(
                writer, CSVFormat.RFC4180.builder().setHeader(HEAD).get());
        each(of, cells -> {
            try {
                printer.printRecord(cells.stream()
                        .map(cell -> cell instanceof String text ? CsvTable.guarded(text) : cell)
                        .toList());
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
        printer.flush();
    }

    void json(RunOwner of, OutputStream out) {
        JsonGenerator generator = json.createGenerator(out);
        generator.writeStartObject();
        generator.writeStringProperty("format", FORMAT);
        generator.writeArrayPropertyStart("runs");
        each(of, cells -> {
            generator.writeStartObject();
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

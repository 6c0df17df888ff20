package wrenlane.server.exchange.runs;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import wrenlane.course.NamedCourse;
import wrenlane.drill.Drill;
import wrenlane.finding.Finding;
import wrenlane.finding.TypedText;
import wrenlane.id.RunId;
import wrenlane.machine.NamedMachine;
import wrenlane.machine.Side;
import wrenlane.rider.Rider;
import wrenlane.run.Fault;
import wrenlane.run.Observation;
import wrenlane.run.OutcomeText;
import wrenlane.run.RunDetail;
import wrenlane.run.RunSort;
import wrenlane.server.exchange.runs.RunFilePreview.LineFinding;
import wrenlane.server.platform.http.ReaderUnits;
import wrenlane.units.Calibrations;
import wrenlane.units.LengthParser;
import wrenlane.units.LengthReading;

/** Reads the lines of a table as runs; gathers everything that is wrong, line by line. */
final class RunLines {
    /** A time that is not said: noon, a second on for each line, so that lines keep their order. */
    private static final LocalTime NOON = LocalTime.NOON;

    private static final Pattern NUMBER = Pattern.compile("\\d{1,5}([.,]\\d{1,3})?");

    private final CsvTable table;
    private final Map<RunColumn, Integer> places = new HashMap<>();
    private final DateOrder dates;
    private final LengthParser lengths;
    private final ZoneId zone;
    private final Instant latest;
    private final NameLookup<Rider> riders;
    private final NameLookup<NamedMachine> machines;
    private final NameLookup<NamedCourse> courses;
    private final NameLookup<Drill> drills;
    private final List<LineFinding> findings = new ArrayList<>();
    private final List<String> ids = new ArrayList<>();
    private final List<ParsedRun> runs = new ArrayList<>();
    private final Map<String, Integer> alike = new HashMap<>();
    private final Set<String> seen = new HashSet<>();

    /** What a line's names may mean. */
    record ImportContext(
            List<Rider> riders, List<NamedMachine> machines, List<NamedCourse> courses, List<Drill> drills) {}

    /**
     * @param columns headings, all of them the table's
     * @param latest when a run can have been ridden at the latest
     */
    RunLines(
            CsvTable table,
            Map<RunColumn, String> columns,
            RunFileRequest how,
            ImportContext known,
            ZoneId zone,
            Instant latest) {
        this.table = table;
        columns.forEach((column, heading) -> places.put(column, table.headings().indexOf(heading)));
        this.dates = how.dates();
        this.lengths = new LengthParser(Calibrations.NONE, how.lengths());
        this.zone = zone;
        this.latest = latest;
        this.riders = new NameLookup<>("rider", known.riders(), Rider::name);
        this.machines = new NameLookup<>("machine", known.machines(), NamedMachine::name);
        this.courses = new NameLookup<>("course", known.courses(), NamedCourse::name);
        this.drills = new NameLookup<>("drill", known.drills(), Drill::name);
        known.drills().forEach(drill -> drills.add(drill.id(), drill));
        table.lines().forEach(line -> ids.add(id(line)));
    }

    /** The id of each line: its own, or made from all it says. */
    List<String> ids() {
        return ids;
    }

    /**
     * Reads all lines but those that came in before.
     *
     * @param stored ids that are there already
     */
    void read(Set<String> stored) {
        for (int i = 0; i < table.lines().size(); i++) {
            if (!stored.contains(ids.get(i))) {
                read(i);
            }
        }
    }

    List<ParsedRun> runs() {
        return runs;
    }

    List<LineFinding> findings() {
        return findings;
    }

    /** Things by their names, which need not be told apart by them. */
    private static final class NameLookup<T> {
        private final String sort;
        private final Map<String, List<T>> byName = new HashMap<>();

        NameLookup(String sort, List<T> all, Function<T, String> name) {
            this.sort = sort;
            all.forEach(t -> byName.computeIfAbsent(plain(name.apply(t)), n -> new ArrayList<>())
                    .add(t));
        }

        /** Another name for something. */
        void add(String name, T thing) {
            List<T> named = byName.computeIfAbsent(plain(name), n -> new ArrayList<>());
            if (!named.contains(thing)) {
                named.add(thing);
            }
        }

        private static String plain(String name) {
            return TypedText.line(name).toLowerCase(Locale.ROOT);
        }

        T find(String name) {
            List<T> found = byName.getOrDefault(plain(name), List.of());
            if (name.isBlank()) {
                throw new LineException("No " + sort + " is named.");
            }
            if (found.isEmpty()) {
                throw new LineException("There is no " + sort + " called " + TypedText.quoted(name)
                        + ": describe it first, or write the name as it is here.");
            }
            if (found.size() > 1) {
                throw new LineException(found.size() + " " + sort + "s are called " + TypedText.quoted(name)
                        + ": give them names that differ.");
            }
            return found.get(0);
        }
    }

    /** Why a line is no run. */
    private static final class LineException extends RuntimeException {
        private static final long serialVersionUID = 1;

        private final String sentence;

        LineException(String sentence) {
            super(sentence);
            this.sentence = sentence;
        }
    }

    private String cell(CsvTable.Line line, RunColumn column) {
        return Optional.ofNullable(places.get(column)).map(line::cell).orElse("");
    }

    private void read(int at) {
        CsvTable.Line line = table.lines().get(at);
        try {
            runs.add(run(line, at));
        } catch (LineException e) {
            findings.add(new LineFinding(line.number(), e.sentence));
        }
    }

    private ParsedRun run(CsvTable.Line line, int at) {
        LocalDate date = dates.read(cell(line, RunColumn.DATE))
                .orElseThrow(() -> new LineException("The date " + TypedText.quoted(cell(line, RunColumn.DATE))
                        + " is none: write it as 2026-05-14 or 14.05.2026."));
        Rider rider = riders.find(cell(line, RunColumn.RIDER));
        Optional<Drill> drill = Optional.of(cell(line, RunColumn.DRILL))
                .filter(name -> !name.isBlank())
                .map(drills::find);
        Optional<NamedCourse> course =
                drill.isPresent() && cell(line, RunColumn.COURSE).isBlank()
                        ? Optional.empty()
                        : Optional.of(courses.find(cell(line, RunColumn.COURSE)));
        boolean straight = course.filter(c -> c.course().kind().isStraight()).isPresent();
        boolean blank = cell(line, RunColumn.SIDE).isBlank();
        Optional<Side> side = straight || (course.isEmpty() && blank)
                ? Optional.empty()
                : Optional.of(side(cell(line, RunColumn.SIDE)));
        drill.ifPresent(d -> d.checkRun(course.map(c -> c.course().kind().id()), side).stream()
                .findFirst()
                .ifPresent(wrong -> {
                    throw new LineException(ReaderUnits.said(wrong.message()));
                }));
        Optional<Double> setting = course.map(c -> setting(cell(line, RunColumn.SETTING), c));
        RunSort sort = sort(cell(line, RunColumn.SORT));
        Map<Fault, Integer> seen = outcome(cell(line, RunColumn.OUTCOME), sort);
        RunDetail detail = detail(line, sort, seen);
        detail.check(seen.keySet()).stream().findFirst().ifPresent(wrong -> {
            throw new LineException(ReaderUnits.said(wrong.message()));
        });
        Instant ridden = time(line, date, at).atZone(zone).toInstant();
        if (ridden.isAfter(latest)) {
            throw new LineException("This run lies in the future.");
        }
        return new ParsedRun(
                checked(ids.get(at)),
                date,
                ridden,
                rider.id().value(),
                machineId(cell(line, RunColumn.MACHINE), rider),
                drill,
                course,
                side,
                setting,
                seen.keySet(),
                detail,
                cell(line, RunColumn.SIMULATED).equalsIgnoreCase("true"));
    }

    private LocalDateTime time(CsvTable.Line line, LocalDate date, int at) {
        String said = cell(line, RunColumn.TIME);
        try {
            return date.atTime(said.isEmpty() ? NOON.plusSeconds(at % 3600) : LocalTime.parse(said));
        } catch (DateTimeParseException e) {
            throw new LineException("The time " + TypedText.quoted(said) + " is none: write it as 14:05 or 14:05:30.");
        }
    }

    private static RunSort sort(String said) {
        return switch (said.toLowerCase(Locale.ROOT)) {
            case "", "run" -> RunSort.RUN;
            case "spell", "timed ride" -> RunSort.SPELL;
            case "broken off", "abandoned" -> RunSort.BROKEN_OFF;
            default ->
                throw new LineException(
                        "The sort " + TypedText.quoted(said) + " is none: write run, timed ride or abandoned.");
        };
    }

    /** A run that was broken off has none, whatever stands there. */
    private static Map<Fault, Integer> outcome(String said, RunSort sort) {
        if (sort == RunSort.BROKEN_OFF) {
            return Map.of();
        }
        return OutcomeText.counted(said)
                .orElseThrow(() -> new LineException("The outcome " + TypedText.quoted(said)
                        + " is not understood: write clean, or faults such as L or “line crossed”."));
    }

    private RunDetail detail(CsvTable.Line line, RunSort sort, Map<Fault, Integer> seen) {
        return new RunDetail(
                sort,
                Optional.ofNullable(number(line, RunColumn.SECONDS)),
                Optional.ofNullable(number(line, RunColumn.MINUTES)),
                Optional.ofNullable(number(line, RunColumn.LAPS)).map(laps -> (int) Math.round(laps)),
                sort == RunSort.SPELL ? seen : Map.of(),
                TypedText.line(cell(line, RunColumn.NOTE)),
                Observation.NOTHING);
    }

    private static Side side(String said) {
        return switch (said.toLowerCase(Locale.ROOT)) {
            case "left", "l" -> Side.LEFT;
            case "right", "r" -> Side.RIGHT;
            default -> throw new LineException("The side " + TypedText.quoted(said) + " is none: write left or right.");
        };
    }

    private double setting(String said, NamedCourse course) {
        if (!(lengths.parse(said) instanceof LengthReading.ParsedLength read)) {
            throw new LineException("The setting " + TypedText.quoted(said) + " is no length: write 7.2 m or 23' 6\".");
        }
        double metres = read.length().metres();
        Optional<Finding> wrong = course.course().kind().ladder().check(metres);
        wrong.ifPresent(f -> {
            throw new LineException(ReaderUnits.said(f.message()));
        });
        return metres;
    }

    private long machineId(String said, Rider rider) {
        if (!said.isBlank()) {
            return machines.find(said).id().value();
        }
        return rider.machineId()
                .orElseThrow(() -> new LineException("No machine is named, and " + rider.name() + " has no usual one."))
                .value();
    }

    private @Nullable Double number(CsvTable.Line line, RunColumn column) {
        String said = cell(line, column);
        if (said.isEmpty()) {
            return null;
        }
        if (!NUMBER.matcher(said).matches()) {
            throw new LineException(TypedText.quoted(said) + " under " + column.header() + " is no number.");
        }
        return Double.valueOf(said.replace(',', '.'));
    }

    /** Its own where there is one; else made from all the line says, counting those that say the same. */
    private String id(CsvTable.Line line) {
        String said = cell(line, RunColumn.ID);
        if (!said.isEmpty()) {
            return said;
        }
        String all = String.join("\u001f", line.cells());
        int place = alike.merge(all, 1, Integer::sum);
        return UUID.nameUUIDFromBytes((all + "\u001f" + place).getBytes(StandardCharsets.UTF_8))
                .toString();
    }

    private String checked(String id) {
        if (!RunId.isValid(id)) {
            throw new LineException(
                    "The id " + TypedText.quoted(id) + " is none: 8 to 64 letters, digits or hyphens, or nothing.");
        }
        if (!seen.add(id)) {
            throw new LineException("The id " + TypedText.quoted(id) + " stands on a line before.");
        }
        return id;
    }
}

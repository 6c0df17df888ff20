package wrenlane.server.exchange.runs;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import wrenlane.day.Day;
import wrenlane.finding.Checks;
import wrenlane.run.Run;
import wrenlane.run.RunLog;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayRequest;
import wrenlane.server.day.DayRequest.DayRider;
import wrenlane.server.day.DayService;
import wrenlane.server.exchange.runs.RunFilePreview.LineFinding;
import wrenlane.server.lesson.drill.DrillService;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.run.RunRepository;

/**
 * Brings a table of runs in: all of it, or nothing; brought in again, it adds nothing. It is read and checked before the writer
 * is taken. Days that are missing are made, with the riders and courses of their lines.
 */
@Service
class RunFileService {
    private final RunRepository runs;
    private final RiderService riders;
    private final MachineService machines;
    private final CourseService courses;
    private final DayService days;
    private final DrillService drills;
    private final Storage storage;
    private final Clock clock;

    RunFileService(
            RunRepository runs,
            RiderService riders,
            MachineService machines,
            CourseService courses,
            DayService days,
            DrillService drills,
            Storage storage,
            Clock clock) {
        this.runs = runs;
        this.riders = riders;
        this.machines = machines;
        this.courses = courses;
        this.days = days;
        this.drills = drills;
        this.storage = storage;
        this.clock = clock;
    }

    /** How much came in. */
    record ImportCount(int added, int already, int daysMade) {}

    /** A table, read. */
    private record ParsedRunFile(
            CsvTable table,
            Map<RunColumn, String> columns,
            List<ParsedRun> runs,
            int already,
            Map<LocalDate, Long> dayIds,
            List<LineFinding> findings) {
        Set<LocalDate> newDays() {
            Set<LocalDate> made = new TreeSet<>();
            runs.stream()
                    .map(ParsedRun::date)
                    .filter(d -> !dayIds.containsKey(d))
                    .forEach(made::add);
            return made;
        }
    }

    /** What it would be. Stores nothing. */
    RunFilePreview preview(RunFileRequest request) {
        ParsedRunFile read = storage.read(() -> read(request));
        return new RunFilePreview(
                read.table().headings(),
                read.columns(),
                read.table().lines().size(),
                read.runs().size(),
                read.already(),
                List.copyOf(read.newDays()),
                read.findings().stream().limit(RunFilePreview.MOST_FINDINGS).toList(),
                Math.max(0, read.findings().size() - RunFilePreview.MOST_FINDINGS));
    }

    /** Brings it in, or refuses it with what is wrong. */
    ImportCount bringIn(RunFileRequest request) {
        ParsedRunFile read = storage.read(() -> read(request));
        Checks checks = new Checks();
        read.findings().stream()
                .limit(RunFilePreview.MOST_FINDINGS)
                .forEach(f -> checks.add("line", "line " + f.line(), f.message()));
        RefusedException.unlessNone(checks);
        return storage.write(() -> {
            Map<LocalDate, Long> dayIds = new HashMap<>(read.dayIds());
            Set<LocalDate> made = read.newDays();
            made.forEach(date -> dayIds.put(date, days.create(day(date, read.runs()))));
            Set<String> meanwhile =
                    runs.stored(read.runs().stream().map(ParsedRun::id).toList());
            List<Run> added = read.runs().stream()
                    .filter(run -> !meanwhile.contains(run.id()))
                    .map(run -> run.run(Objects.requireNonNull(dayIds.get(run.date()))))
                    .toList();
            runs.insertAll(added);
            return new ImportCount(added.size(), read.already() + meanwhile.size(), made.size());
        });
    }

    private ParsedRunFile read(RunFileRequest request) {
        CsvTable table = CsvTable.read(request.text());
        Map<RunColumn, String> columns = columns(table, request);
        List<LineFinding> missing = missing(columns);
        Map<LocalDate, Long> dayIds = new HashMap<>();
        for (Day day : days.all()) {
            dayIds.put(day.date(), day.id().value());
        }
        if (!missing.isEmpty()) {
            return new ParsedRunFile(table, columns, List.of(), 0, dayIds, missing);
        }
        RunLines.ImportContext known = new RunLines.ImportContext(
                riders.all(), machines.all(), courses.all(), drills.catalogue().drills());
        RunLines lines =
                new RunLines(table, columns, request, known, clock.getZone(), RunLog.latestAt(clock.instant()));
        Set<String> stored = runs.stored(lines.ids());
        lines.read(stored);
        return new ParsedRunFile(table, columns, lines.runs(), stored.size(), dayIds, lines.findings());
    }

    /** As asked for, as far as the table has such columns; else by their names. */
    private static Map<RunColumn, String> columns(CsvTable table, RunFileRequest request) {
        Map<RunColumn, String> columns = new EnumMap<>(RunColumn.class);
        for (RunColumn column : RunColumn.values()) {
            if (request.columns() == null) {
                column.among(table.headings()).ifPresent(heading -> columns.put(column, heading));
            } else if (table.headings().contains(request.columns().getOrDefault(column, ""))) {
                columns.put(column, request.columns().get(column));
            }
        }
        return columns;
    }

    private static List<LineFinding> missing(Map<RunColumn, String> columns) {
        return RunColumn.allNeeded(columns.containsKey(RunColumn.DRILL)).stream()
                .filter(column -> !columns.containsKey(column))
                .map(column -> new LineFinding(
                        0, "No column says the " + column.header().replace("_m", "") + ": choose which one does."))
                .toList();
    }

    private static List<DayRequest> newDays(ParsedRunFile read) {
        Map<LocalDate, List<ParsedRun>> byDate = read.runs().stream().collect(Collectors.groupingBy(ParsedRun::date));
        return read.newDays().stream()
                .map(date -> day(date, Objects.requireNonNull(byDate.get(date))))
                .toList();
    }

    /** A day for the lines of a date, with as many of their riders and courses as a day takes. */
    private static DayRequest day(LocalDate date, List<ParsedRun> ofDate) {
        Map<Long, Long> machineOf = new LinkedHashMap<>();
        Set<Long> courseIds = new LinkedHashSet<>();
        ofDate.forEach(run -> {
            machineOf.putIfAbsent(run.riderId(), run.machineId());
            run.course().ifPresent(c -> courseIds.add(c.id().value()));
        });
        List<DayRider> pairs = new ArrayList<>();
        machineOf.forEach((rider, machine) -> pairs.add(new DayRider(rider, machine)));
        return new DayRequest(
                date,
                "Runs brought in",
                null,
                courseIds.stream().limit(DayRequest.MOST_COURSES).toList(),
                List.of(),
                null,
                pairs.stream().limit(DayRequest.MOST_RIDERS).toList());
    }
}

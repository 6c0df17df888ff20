package wrenlane.server.imports;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseKinds;
import wrenlane.finding.Finding;
import wrenlane.server.course.CourseRequest;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayRequest;
import wrenlane.server.day.DayResponse;
import wrenlane.server.day.DayService;
import wrenlane.server.http.RefusedException;
import wrenlane.server.imports.ImportDocument.CalibrationItem;
import wrenlane.server.imports.ImportDocument.CourseItem;
import wrenlane.server.imports.ImportDocument.DayItem;
import wrenlane.server.imports.ImportDocument.GroundItem;
import wrenlane.server.imports.ImportDocument.MachineItem;
import wrenlane.server.imports.ImportDocument.OutlineItem;
import wrenlane.server.imports.ImportDocument.VirtualRiderItem;
import wrenlane.server.imports.ImportDocument.YardItem;
import wrenlane.server.kit.KitService;
import wrenlane.server.length.CalibrationJson;
import wrenlane.server.length.LengthJson;
import wrenlane.server.machine.CircleJson;
import wrenlane.server.machine.MachineRequest;
import wrenlane.server.machine.MachineService;
import wrenlane.server.rider.RiderRequest;
import wrenlane.server.rider.RiderService;
import wrenlane.server.yard.GroundJson;
import wrenlane.server.yard.OutlineJson;
import wrenlane.server.yard.OutlineJson.DiagonalJson;
import wrenlane.server.yard.YardRequest;
import wrenlane.server.yard.YardService;
import wrenlane.units.Calibrations;
import wrenlane.units.LengthParser;
import wrenlane.units.LengthReading;
import wrenlane.units.LengthSystem;
import wrenlane.yard.Corner;

/** Brings a file of days in: all of it, or nothing. */
@Service
public class ImportService {
    private final YardService yards;
    private final MachineService machines;
    private final RiderService riders;
    private final CourseService courses;
    private final DayService days;
    private final KitService kit;
    private final SimulatedRuns simulated;
    private final Clock clock;

    /** How much came in. */
    public record ImportResponse(int yards, int machines, int riders, int courses, int days, int simulatedRuns) {}

    ImportService(
            YardService yards,
            MachineService machines,
            RiderService riders,
            CourseService courses,
            DayService days,
            KitService kit,
            SimulatedRuns simulated,
            Clock clock) {
        this.yards = yards;
        this.machines = machines;
        this.riders = riders;
        this.courses = courses;
        this.days = days;
        this.kit = kit;
        this.simulated = simulated;
        this.clock = clock;
    }

    @Transactional
    public ImportResponse bringIn(ImportDocument file) {
        if (!file.format().equals(ImportDocument.FORMAT)) {
            throw RefusedException.of(
                    "format-unknown", "format", "This file is not in the format " + ImportDocument.FORMAT + ".");
        }
        if (file.kit() != null) {
            kit.put(file.kit());
        }
        Keys yardKeys = new Keys("yard");
        file.yards().forEach(y -> yardKeys.put(y.key(), yards.create(yard(y)).id()));
        Keys machineKeys = new Keys("machine");
        file.machines()
                .forEach(m ->
                        machineKeys.put(m.key(), machines.create(machine(m)).id()));
        Keys riderKeys = new Keys("rider");
        file.riders()
                .forEach(r -> riderKeys.put(
                        r.key(),
                        riders.create(new RiderRequest(
                                        r.name(),
                                        r.level(),
                                        r.school(),
                                        machineKeys.getOrNull(r.machine()),
                                        orEmpty(r.notes())))
                                .id()));
        Keys courseKeys = new Keys("course");
        file.courses()
                .forEach(c -> courseKeys.put(c.key(), courses.create(course(c)).id()));
        List<DayResponse> brought = file.days().stream()
                .map(d -> days.create(day(d, yardKeys, courseKeys, riderKeys, machineKeys)))
                .toList();
        int runs = simulated.ride(brought, virtualRiders(file, riderKeys), LocalDate.now(clock));
        return new ImportResponse(
                yardKeys.size(), machineKeys.size(), riderKeys.size(), courseKeys.size(), brought.size(), runs);
    }

    private static Map<Long, VirtualRiderItem> virtualRiders(ImportDocument file, Keys riderKeys) {
        Map<Long, VirtualRiderItem> byRider = new HashMap<>();
        Optional.ofNullable(file.virtualRiders())
                .orElse(List.of())
                .forEach(v -> byRider.put(riderKeys.get(v.rider()), v));
        return byRider;
    }

    private static YardRequest yard(YardItem y) {
        CalibrationJson pace = calibration(y.pace());
        CalibrationJson bay = calibration(y.bay());
        Calibrations known = CalibrationJson.calibrations(pace, bay);
        return new YardRequest(y.name(), ground(y.ground(), known), orEmpty(y.notes()), pace, bay);
    }

    private static GroundJson ground(GroundItem g, Calibrations known) {
        Double towards = g.fallTowardsRadians();
        return new GroundJson(
                outline(g.outline(), known),
                g.surface(),
                g.fallPercent(),
                towards == null ? 0 : towards,
                orNone(g.obstacles()),
                orNone(g.bayRows()),
                g.entrance());
    }

    private static OutlineJson outline(OutlineItem o, Calibrations known) {
        List<Corner> corners = o.corners();
        return new OutlineJson(
                o.sides().stream().map(s -> length(s, known)).toList(),
                corners == null ? Collections.nCopies(o.sides().size(), Corner.SQUARE) : corners,
                orNone(o.diagonals()).stream()
                        .map(d -> new DiagonalJson(d.from(), d.to(), length(d.length(), known)))
                        .toList());
    }

    private static <T> List<T> orNone(@Nullable List<T> given) {
        return given == null ? List.of() : given;
    }

    private static @Nullable CalibrationJson calibration(@Nullable CalibrationItem c) {
        return c == null ? null : new CalibrationJson(c.count(), length(c.taped(), Calibrations.NONE));
    }

    private static MachineRequest machine(MachineItem m) {
        return new MachineRequest(
                m.name(),
                m.classId(),
                m.transmission(),
                Optional.ofNullable(m.figures()).orElse(List.of()),
                Optional.ofNullable(m.circles()).orElse(List.of()).stream()
                        .map(c -> new CircleJson(c.side(), c.posture(), length(c.diameter(), Calibrations.NONE)))
                        .toList());
    }

    private static CourseRequest course(CourseItem c) {
        CourseKind kind = CourseKinds.find(c.kind())
                .orElseThrow(() -> RefusedException.of(
                        "no-such-kind", c.key(), "There is no kind of course called " + c.kind() + "."));
        Map<String, LengthJson> lengths = new HashMap<>();
        Map<String, Integer> counts = new HashMap<>();
        for (CourseDimension d : kind.dimensions()) {
            if (d.quantity() == CourseDimension.Quantity.METRES) {
                lengths.put(d.name(), LengthJson.taped(d.standard()));
            } else {
                counts.put(d.name(), (int) d.standard());
            }
        }
        orNone(c.lengths()).forEach((name, text) -> lengths.put(name, length(text, Calibrations.NONE)));
        counts.putAll(orNone(c.counts()));
        return new CourseRequest(c.name(), c.kind(), lengths, counts, orNone(c.options()), c.firstTurn());
    }

    private static <V> Map<String, V> orNone(@Nullable Map<String, V> given) {
        return given == null ? Map.of() : given;
    }

    private DayRequest day(DayItem d, Keys yardKeys, Keys courseKeys, Keys riderKeys, Keys machineKeys) {
        return new DayRequest(
                date(d),
                d.title(),
                yardKeys.getOrNull(d.yard()),
                d.courses().stream().map(courseKeys::get).toList(),
                orNone(d.stands()).stream()
                        .map(s -> new DayRequest.DayStand(courseKeys.get(s.course()), s.stand()))
                        .toList(),
                d.riders().stream()
                        .map(r -> new DayRequest.DayRider(riderKeys.get(r.rider()), machineKeys.get(r.machine())))
                        .toList());
    }

    private LocalDate date(DayItem d) {
        LocalDate date = d.date();
        Integer ago = d.daysAgo();
        if ((date == null) == (ago == null)) {
            throw RefusedException.of("day-date", d.title(), "Give a day either a date or daysAgo.");
        }
        return date != null ? date : LocalDate.now(clock).minusDays(ago == null ? 0 : ago);
    }

    private static LengthJson length(String text, Calibrations known) {
        LengthReading reading = new LengthParser(known, LengthSystem.METRIC).parse(text);
        if (reading instanceof LengthReading.Understood understood) {
            return LengthJson.of(understood.length(), text.strip());
        }
        Finding finding = ((LengthReading.NotUnderstood) reading).finding();
        throw RefusedException.of(finding.code(), text.length() > 60 ? "length" : text, finding.message());
    }

    private static String orEmpty(@Nullable String text) {
        return text == null ? "" : text;
    }
}

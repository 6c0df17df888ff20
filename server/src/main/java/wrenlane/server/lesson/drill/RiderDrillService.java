package wrenlane.server.lesson.drill;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import wrenlane.day.DayRider;
import wrenlane.drill.Catalogue;
import wrenlane.drill.Drill;
import wrenlane.drill.DrillCourse;
import wrenlane.drill.DrillMastery;
import wrenlane.drill.DrillMastery.MasteryEvidence;
import wrenlane.drill.DrillPath;
import wrenlane.drill.DrillRuns;
import wrenlane.drill.PassMark;
import wrenlane.drill.TaughtDrill;
import wrenlane.id.DayId;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;
import wrenlane.machine.Side;
import wrenlane.rider.RidingMethod;
import wrenlane.run.AssessedRun;
import wrenlane.run.CourseRide;
import wrenlane.run.Run;
import wrenlane.server.course.difficulty.CourseDifficulty;
import wrenlane.server.lesson.drill.RiderDrills.RiderDrill;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.RunAssessor;
import wrenlane.server.progress.run.RunRepository;
import wrenlane.server.progress.run.RunResponse;

/** Where riders stand on the stages: from what an instructor saw, and from what their runs say. */
@Service
public class RiderDrillService {
    private final RiderDrillReader reader;
    private final MasteredDrills mastered;
    private final DrillService drills;
    private final RunRepository runs;
    private final CourseDifficulty difficulty;
    private final ComputeScheduler scheduler;
    private final Storage storage;

    RiderDrillService(
            RiderDrillReader reader,
            MasteredDrills mastered,
            DrillService drills,
            RunRepository runs,
            CourseDifficulty difficulty,
            ComputeScheduler scheduler,
            Storage storage) {
        this.reader = reader;
        this.mastered = mastered;
        this.drills = drills;
        this.runs = runs;
        this.difficulty = difficulty;
        this.scheduler = scheduler;
        this.storage = storage;
    }

    /**
     * The standing of the riders of a day on the drills of a catalogue that was read before.
     *
     * @param school that all of them ride by that day; empty for everybody's own
     */
    public List<RiderDrills> masteryOfDrills(
            Catalogue catalogue, List<DayRider> riders, Optional<RidingMethod> school) {
        List<RiderDrillReader.RiderDrillInput> read = storage.read(() -> riders.stream()
                .map(p -> reader.read(p.riderId().value(), p.machineId().value(), school))
                .toList());
        List<Supplier<DrillHistory>> work = new ArrayList<>();
        read.forEach(r -> work.add(() -> met(catalogue, r)));
        List<Optional<DrillHistory>> met = scheduler.parts(Priority.MANY, work);
        List<RiderDrills> masteryOfDrills = new ArrayList<>();
        for (int i = 0; i < read.size(); i++) {
            masteryOfDrills.add(mastery(catalogue, read.get(i), met.get(i)));
        }
        return masteryOfDrills;
    }

    /** The standing of several riders. */
    List<RiderDrills> masteryOfDrills(MasteryRequest request) {
        return masteryOfDrills(
                drills.catalogue(),
                request.pairs().stream()
                        .map(p -> new DayRider(new RiderId(p.riderId()), new MachineId(p.machineId())))
                        .toList(),
                Optional.empty());
    }

    /** The drills before a kind of course that a rider has not mastered on a machine, each after those it rests on. */
    public List<TaughtDrill> before(String kind, long riderId, long machineId) {
        Catalogue catalogue = drills.catalogue();
        RiderDrillReader.RiderDrillInput read = storage.read(() -> reader.read(riderId, machineId, Optional.empty()));
        DrillHistory met = scheduler.whole(Priority.ONE, "the drills on the way", () -> met(catalogue, read));
        List<RiderDrill> all = mastery(catalogue, read, Optional.of(met)).drills();
        Map<String, TaughtDrill> taught = new LinkedHashMap<>();
        all.forEach(d -> taught.put(d.drill().id(), d.drill()));
        return DrillPath.to(
                        kind,
                        catalogue,
                        List.copyOf(taught.values()),
                        all.stream().map(RiderDrill::mastery).toList())
                .stream()
                .map(id -> Objects.requireNonNull(taught.get(id)))
                .toList();
    }

    /**
     * Drills by what runs say.
     *
     * @param here whose mark was met on the machine asked for
     * @param any whose mark was met on some machine
     * @param tried that were ridden on the machine asked for
     */
    private record DrillHistory(Set<String> here, Set<String> any, Set<String> tried) {}

    private DrillHistory met(Catalogue catalogue, RiderDrillReader.RiderDrillInput read) {
        DrillHistory met = new DrillHistory(new HashSet<>(), new HashSet<>(), new HashSet<>());
        RunAssessor assessor = new RunAssessor(difficulty, read.turns());
        for (Drill drill : catalogue.drills()) {
            List<Run> counting = counting(catalogue, drill, read);
            if (!counting.isEmpty()) {
                look(drill, read, counting, assessor, met);
            }
        }
        return met;
    }

    /** The latest runs that count for a drill, on any machine. */
    private static List<Run> counting(Catalogue catalogue, Drill drill, RiderDrillReader.RiderDrillInput read) {
        Optional<DrillCourse> plain = drill.course().filter(DrillCourse::plain);
        List<Run> some = plain.isPresent()
                ? read.ofKind().getOrDefault(plain.get().kind(), List.of())
                : read.named().getOrDefault(drill.id(), List.of());
        return some.stream()
                .filter(r -> drill.counts(
                        r.drillId().flatMap(catalogue::find), r.ride().map(CourseRide::course)))
                .toList();
    }

    private static void look(
            Drill drill,
            RiderDrillReader.RiderDrillInput read,
            List<Run> counting,
            RunAssessor assessor,
            DrillHistory met) {
        long machineId = read.machine().id().value();
        boolean onAnother =
                read.shown().stream().anyMatch(row -> row.drillId().equals(drill.id()) && row.machineId() != machineId);
        Map<Long, List<Run>> byMachine = counting.stream()
                .collect(Collectors.groupingBy(r -> r.machineId().value()));
        for (Map.Entry<Long, List<Run>> other : byMachine.entrySet()) {
            if (other.getKey() != machineId && meets(drill.pass(), drill, assessor, other.getValue())) {
                met.any().add(drill.id());
                onAnother = true;
            }
        }
        List<Run> here = byMachine.getOrDefault(machineId, List.of());
        if (!here.isEmpty()) {
            met.tried().add(drill.id());
            if (meets(drill.passAgain(onAnother), drill, assessor, here)) {
                met.any().add(drill.id());
                met.here().add(drill.id());
            }
        }
    }

    private static boolean meets(PassMark mark, Drill drill, RunAssessor assessor, List<Run> some) {
        return DrillRuns.meet(
                mark,
                drill.riding().sides(),
                some.stream().map(assessor::assess).toList());
    }

    private RiderDrills mastery(
            Catalogue catalogue, RiderDrillReader.RiderDrillInput read, Optional<DrillHistory> computed) {
        DrillHistory met = computed.orElseGet(() -> new DrillHistory(Set.of(), Set.of(), Set.of()));
        Map<String, LocalDate> shownHere = new HashMap<>();
        Set<String> any = new HashSet<>(met.any());
        for (MasteredRow row : read.shown()) {
            any.add(row.drillId());
            if (row.machineId() == read.machine().id().value()) {
                shownHere.put(row.drillId(), LocalDate.parse(row.shownOn()));
            }
        }
        Set<String> here = new HashSet<>(met.here());
        here.addAll(shownHere.keySet());
        List<TaughtDrill> taught = catalogue.taught(
                read.teaching(), read.transmission(), read.rider().level());
        List<DrillMastery> masteryOfDrills = DrillMastery.of(taught, new MasteryEvidence(here, any, met.tried()));
        List<RiderDrill> all = new ArrayList<>();
        for (int i = 0; i < taught.size(); i++) {
            String id = taught.get(i).id();
            PassMark pass = catalogue
                    .find(id)
                    .orElseThrow()
                    .passAgain(masteryOfDrills.get(i).fewerRuns());
            all.add(new RiderDrill(
                    taught.get(i), masteryOfDrills.get(i), pass, met.any().contains(id), shownHere.get(id)));
        }
        return new RiderDrills(
                read.rider().id().value(),
                read.rider().name(),
                read.machine().id().value(),
                read.machine().name(),
                read.transmission(),
                read.teaching().school(),
                all,
                computed.isEmpty());
    }

    /** A rider on a day and a drill that is ridden on no course. */
    DrillRange onRange(long dayId, long riderId, long machineId, String drillId) {
        return storage.read(() -> {
            mastered.there(riderId, machineId, drillId);
            Drill drill = drills.get(drillId).drill();
            List<Run> counting =
                    runs.latestOfDrill(riderId, drillId, Side.values().length * RiderDrillReader.LATEST).stream()
                            .filter(r ->
                                    drill.counts(Optional.of(drill), r.ride().map(CourseRide::course)))
                            .toList();
            List<AssessedRun> here = counting.stream()
                    .filter(r -> r.machineId().value() == machineId)
                    .map(r -> new AssessedRun(r, Optional.empty()))
                    .toList();
            return new DrillRange(
                    counting.stream()
                            .filter(r -> r.isOfDay(new DayId(dayId)))
                            .map(RunResponse::of)
                            .toList(),
                    drill.pass(),
                    DrillRuns.progress(drill.pass(), drill.riding().sides(), here));
        });
    }
}

package wrenlane.server.drill;

import java.time.Clock;
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
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.drill.Catalogue;
import wrenlane.drill.Drill;
import wrenlane.drill.DrillCourse;
import wrenlane.drill.DrillPath;
import wrenlane.drill.DrillRuns;
import wrenlane.drill.DrillStanding;
import wrenlane.drill.DrillStanding.Known;
import wrenlane.drill.PassMark;
import wrenlane.drill.TaughtDrill;
import wrenlane.drill.Teaching;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Transmission;
import wrenlane.rider.School;
import wrenlane.server.course.CourseTightness;
import wrenlane.server.day.DayRequest;
import wrenlane.server.drill.RiderDrills.RiderDrill;
import wrenlane.server.http.NotFoundException;
import wrenlane.server.machine.MachineService;
import wrenlane.server.machine.RiddenMachine;
import wrenlane.server.reckoning.Rank;
import wrenlane.server.reckoning.Reckoning;
import wrenlane.server.rider.RiderResponse;
import wrenlane.server.rider.RiderService;
import wrenlane.server.run.RiddenRun;
import wrenlane.server.run.RunService;
import wrenlane.server.storage.Storage;

/** Where riders stand on the stages: from what an instructor saw, and from what their runs say. */
@Service
public class RiderDrillService {
    /** Runs a side that are looked at for a kind; as many as the longest pass mark looks at. */
    private static final int LATEST = 20;

    private final DrillMapper mapper;
    private final DrillService drills;
    private final TeachingService teaching;
    private final RiderService riders;
    private final MachineService machines;
    private final RunService runs;
    private final CourseTightness tightness;
    private final Reckoning reckoning;
    private final Storage storage;
    private final Clock clock;

    RiderDrillService(
            DrillMapper mapper,
            DrillService drills,
            TeachingService teaching,
            RiderService riders,
            MachineService machines,
            RunService runs,
            CourseTightness tightness,
            Reckoning reckoning,
            Storage storage,
            Clock clock) {
        this.mapper = mapper;
        this.drills = drills;
        this.teaching = teaching;
        this.riders = riders;
        this.machines = machines;
        this.runs = runs;
        this.tightness = tightness;
        this.reckoning = reckoning;
        this.storage = storage;
        this.clock = clock;
    }

    /** Runs of a kind with the turns of the machines they were ridden on. */
    private record KindRuns(List<RiddenRun> ridden, Map<Long, MachineTurn> turns) {}

    /** What is read of one state of the data. */
    private record Read(
            RiderResponse rider,
            RiddenMachine machine,
            Transmission transmission,
            Teaching teaching,
            List<MasteredRow> shown,
            Map<String, KindRuns> runs) {}

    /**
     * The standing of the riders of a day on the drills of a catalogue that was read before.
     *
     * @param school that all of them ride by that day; empty for everybody's own
     */
    public List<RiderDrills> of(Catalogue catalogue, List<DayRequest.DayRider> riders, Optional<School> school) {
        return standings(
                catalogue,
                school,
                new StandingsRequest(riders.stream()
                        .map(r -> new StandingsRequest.RiderOnMachine(r.riderId(), r.machineId()))
                        .toList()));
    }

    /** The standing of several riders. */
    List<RiderDrills> standings(StandingsRequest request) {
        return standings(drills.catalogue(), Optional.empty(), request);
    }

    private List<RiderDrills> standings(Catalogue catalogue, Optional<School> school, StandingsRequest request) {
        List<Read> read = storage.read(() -> request.pairs().stream()
                .map(p -> read(p.riderId(), p.machineId(), school))
                .toList());
        List<Supplier<Met>> work = new ArrayList<>();
        read.forEach(r -> work.add(() -> met(catalogue, r)));
        List<Optional<Met>> met = reckoning.parts(Rank.MANY, work);
        List<RiderDrills> standings = new ArrayList<>();
        for (int i = 0; i < read.size(); i++) {
            standings.add(standing(catalogue, read.get(i), met.get(i)));
        }
        return standings;
    }

    /** The drills before a kind of course that a rider has not mastered on a machine, each after those it rests on. */
    public List<TaughtDrill> before(String kind, long riderId, long machineId) {
        Catalogue catalogue = drills.catalogue();
        Read read = storage.read(() -> read(riderId, machineId, Optional.empty()));
        Met met = reckoning.whole(Rank.ONE, "the drills on the way", () -> met(catalogue, read));
        List<RiderDrill> all = standing(catalogue, read, Optional.of(met)).drills();
        Map<String, TaughtDrill> taught = new LinkedHashMap<>();
        all.forEach(d -> taught.put(d.drill().id(), d.drill()));
        return DrillPath.to(
                        kind,
                        catalogue,
                        List.copyOf(taught.values()),
                        all.stream().map(RiderDrill::standing).toList())
                .stream()
                .map(id -> Objects.requireNonNull(taught.get(id)))
                .toList();
    }

    private Read read(long riderId, long machineId, Optional<School> school) {
        RiderResponse rider = riders.get(riderId);
        RiddenMachine machine =
                Objects.requireNonNull(machines.ridden(List.of(machineId)).get(machineId));
        Map<String, KindRuns> ofKind = new HashMap<>();
        runs.kindsRidden(riderId).forEach(kind -> ofKind.put(kind, ofKind(riderId, kind)));
        return new Read(
                rider,
                machine,
                machine.turn().machine().transmission(),
                teaching.of(school.orElse(rider.school())),
                mapper.masteredBy(riderId),
                ofKind);
    }

    private KindRuns ofKind(long riderId, String kind) {
        List<RiddenRun> ridden = runs.latest(riderId, kind, LATEST);
        return new KindRuns(
                ridden,
                machines.turns(
                        ridden.stream().map(r -> r.run().machineId()).distinct().toList()));
    }

    /**
     * Drills by what runs say.
     *
     * @param here whose mark was met on the machine asked for
     * @param any whose mark was met on some machine
     * @param tried that were ridden on the machine asked for
     */
    private record Met(Set<String> here, Set<String> any, Set<String> tried) {}

    private Met met(Catalogue catalogue, Read read) {
        Met met = new Met(new HashSet<>(), new HashSet<>(), new HashSet<>());
        for (Drill drill : catalogue.drills()) {
            KindRuns of = drill.course()
                    .filter(DrillCourse::plain)
                    .map(c -> read.runs().get(c.kind()))
                    .orElse(null);
            if (of != null) {
                look(drill, read, of, met);
            }
        }
        return met;
    }

    private void look(Drill drill, Read read, KindRuns of, Met met) {
        long machineId = read.machine().id();
        boolean onAnother =
                read.shown().stream().anyMatch(row -> row.drillId().equals(drill.id()) && row.machineId() != machineId);
        for (Map.Entry<Long, MachineTurn> ridden : of.turns().entrySet()) {
            if (ridden.getKey() != machineId && meets(drill.pass(), drill, of, ridden)) {
                met.any().add(drill.id());
                onAnother = true;
            }
        }
        for (Map.Entry<Long, MachineTurn> ridden : of.turns().entrySet()) {
            if (ridden.getKey() == machineId) {
                if (!records(drill, of, ridden).isEmpty()) {
                    met.tried().add(drill.id());
                }
                if (meets(drill.passAgain(onAnother), drill, of, ridden)) {
                    met.any().add(drill.id());
                    met.here().add(drill.id());
                }
            }
        }
    }

    private boolean meets(PassMark mark, Drill drill, KindRuns of, Map.Entry<Long, MachineTurn> ridden) {
        return DrillRuns.meet(mark, drill.riding().sides(), records(drill, of, ridden));
    }

    /** Runs that count for a drill, on one machine. */
    private List<DrillRuns.Ridden> records(Drill drill, KindRuns of, Map.Entry<Long, MachineTurn> ridden) {
        return of.ridden().stream()
                .filter(r -> r.run().machineId() == ridden.getKey())
                .filter(r -> drill.course().filter(c -> c.suits(r.course())).isPresent())
                .map(r -> new DrillRuns.Ridden(
                        r.run()
                                .record(tightness
                                        .of(
                                                r.course(),
                                                ridden.getValue(),
                                                r.run().side())
                                        .at(r.run().settingMetres())),
                        r.course(),
                        r.run().detail()))
                .toList();
    }

    private RiderDrills standing(Catalogue catalogue, Read read, Optional<Met> reckoned) {
        Met met = reckoned.orElseGet(() -> new Met(Set.of(), Set.of(), Set.of()));
        Map<String, LocalDate> shownHere = new HashMap<>();
        Set<String> any = new HashSet<>(met.any());
        for (MasteredRow row : read.shown()) {
            any.add(row.drillId());
            if (row.machineId() == read.machine().id()) {
                shownHere.put(row.drillId(), LocalDate.parse(row.shownOn()));
            }
        }
        Set<String> here = new HashSet<>(met.here());
        here.addAll(shownHere.keySet());
        List<TaughtDrill> taught = catalogue.taught(
                read.teaching(), read.transmission(), read.rider().level());
        List<DrillStanding> standings = DrillStanding.of(taught, new Known(here, any, met.tried()));
        List<RiderDrill> all = new ArrayList<>();
        for (int i = 0; i < taught.size(); i++) {
            String id = taught.get(i).id();
            PassMark pass =
                    catalogue.find(id).orElseThrow().passAgain(standings.get(i).fewerRuns());
            all.add(new RiderDrill(
                    taught.get(i), standings.get(i), pass, met.any().contains(id), shownHere.get(id)));
        }
        return new RiderDrills(
                read.rider().id(),
                read.rider().name(),
                read.machine().id(),
                read.machine().name(),
                read.transmission(),
                read.teaching().school(),
                all,
                reckoned.isEmpty());
    }

    /** Notes that a rider has shown a drill on a machine, today; once noted it stays as it was. */
    void master(long riderId, long machineId, String drillId) {
        storage.change(() -> {
            there(riderId, machineId, drillId);
            mapper.master(new MasteredRow(
                    riderId, machineId, drillId, LocalDate.now(clock).toString()));
        });
    }

    /** Notes drills seen mastered on a machine, as a file says that is brought in; on this day where it does not say when. */
    public void seen(long riderId, long machineId, List<String> drillIds, @Nullable LocalDate on) {
        String day = (on == null ? LocalDate.now(clock) : on).toString();
        drillIds.forEach(id -> mapper.master(new MasteredRow(riderId, machineId, id, day)));
    }

    /** Drills a rider was seen to have mastered on a machine on a day. */
    public record Seen(long machineId, LocalDate on, List<String> drillIds) {}

    /** All that a rider was seen to have mastered. */
    public List<Seen> seen(long riderId) {
        Map<Seen, List<String>> grouped = new LinkedHashMap<>();
        mapper.masteredBy(riderId)
                .forEach(row -> grouped.computeIfAbsent(
                                new Seen(row.machineId(), LocalDate.parse(row.shownOn()), List.of()),
                                s -> new ArrayList<>())
                        .add(row.drillId()));
        return grouped.entrySet().stream()
                .map(e -> new Seen(e.getKey().machineId(), e.getKey().on(), List.copyOf(e.getValue())))
                .toList();
    }

    /** Takes that back. */
    void unmaster(long riderId, long machineId, String drillId) {
        storage.change(() -> {
            there(riderId, machineId, drillId);
            mapper.unmaster(riderId, machineId, drillId);
        });
    }

    private void there(long riderId, long machineId, String drillId) {
        riders.get(riderId);
        if (!machines.isThere(machineId)) {
            throw new NotFoundException("machine", machineId);
        }
        Objects.requireNonNull(drills.get(drillId));
    }
}

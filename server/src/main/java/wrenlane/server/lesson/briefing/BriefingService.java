package wrenlane.server.lesson.briefing;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import wrenlane.briefing.ConeCount;
import wrenlane.briefing.DayState;
import wrenlane.briefing.Gear;
import wrenlane.course.NamedCourse;
import wrenlane.day.Day;
import wrenlane.id.CourseId;
import wrenlane.machine.NamedMachine;
import wrenlane.rider.RiderLevel;
import wrenlane.server.ground.placement.ArrangementService;
import wrenlane.server.ground.placement.ArrangementService.SizedCourse;
import wrenlane.server.lesson.briefing.BriefingResponse.RiderBriefing;
import wrenlane.server.lesson.size.DaySizeService;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.calculation.StateCache;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.Participant;
import wrenlane.server.progress.RiderSizes;
import wrenlane.server.progress.RiderSizesService;
import wrenlane.units.LengthSystem;
import wrenlane.yard.Caution;
import wrenlane.yard.PlacedGround;
import wrenlane.yard.SharedCones;

/** Puts the day on one page: what to bring, who rides what, and what is not ready. */
@Service
public class BriefingService {
    /** Memory for briefings, in bytes. */
    private static final long MOST_BYTES = 1_000_000;

    /** One of them, in bytes: an estimate for a dozen riders. */
    private static final int BRIEFING_BYTES = 20_000;

    private final BriefingReader reader;
    private final RiderSizesService sizesOfRiders;
    private final ArrangementService placing;
    private final Storage storage;
    private final ComputeScheduler scheduler;
    private final Clock clock;
    private final StateCache<BriefingQuestion, BriefingResponse> kept;

    BriefingService(
            BriefingReader reader,
            RiderSizesService sizesOfRiders,
            ArrangementService placing,
            Storage storage,
            ComputeScheduler scheduler,
            Clock clock) {
        this.reader = reader;
        this.sizesOfRiders = sizesOfRiders;
        this.placing = placing;
        this.storage = storage;
        this.scheduler = scheduler;
        this.clock = clock;
        this.kept = new StateCache<>(storage::state, MOST_BYTES, of -> BRIEFING_BYTES, of -> !of.unfinished());
    }

    private record BriefingQuestion(long dayId, LengthSystem system, LocalDate today) {}

    /** Everything of a day at a glance. Read of one state of the data, and computed after that. */
    public BriefingResponse briefing(long dayId, LengthSystem system) {
        BriefingQuestion asked = new BriefingQuestion(dayId, system, LocalDate.now(clock));
        return kept.get(asked, () -> computed(asked));
    }

    private BriefingResponse computed(BriefingQuestion asked) {
        LengthSystem system = asked.system();
        BriefingReader.BriefingInput read = storage.read(() -> reader.read(asked.dayId()));
        Day day = read.day();
        List<NamedCourse> set = read.courses();
        DayState state = state(read, asked.today());
        List<Optional<RiderSizes>> known = scheduler.parts(
                Priority.MANY,
                read.riders().stream()
                        .map(r -> (Supplier<RiderSizes>) () -> sizesOfRiders.riderSizes(r, read.first(), system))
                        .toList());
        List<Double> stands = set.stream()
                .limit(1)
                .flatMap(c -> day.nested(c).settingsMetres().stream())
                .toList();
        List<RiderBriefing> riders = IntStream.range(0, known.size())
                .mapToObj(i -> briefing(read.riders().get(i), known.get(i), stands))
                .toList();
        return new BriefingResponse(
                asked.dayId(),
                state.cones(),
                Gear.besidesCones(system),
                riders,
                cautions(read),
                state.stops(),
                state.next(),
                read.logged(),
                known.stream().anyMatch(Optional::isEmpty));
    }

    private DayState state(BriefingReader.BriefingInput read, LocalDate today) {
        Map<CourseId, PlacedGround> placed = read.day().standing(read.courses());
        List<PlacedGround> riderSizes = List.copyOf(placed.values());
        List<NamedCourse> unplaced =
                read.courses().stream().filter(c -> !placed.containsKey(c.id())).toList();
        return new DayState(
                read.yard().isPresent(),
                read.yard().map(y -> !y.cautions().isEmpty()).orElse(false),
                read.courses().size(),
                read.yard().isEmpty()
                        ? List.of()
                        : unplaced.stream().map(NamedCourse::name).toList(),
                ConeCount.of(
                        SharedCones.markers(riderSizes),
                        unplaced.stream().map(c -> read.day().nested(c).plan()).toList(),
                        read.owned()),
                read.riders().size(),
                read.riders().stream()
                        .map(Participant::machine)
                        .distinct()
                        .filter(m -> !m.isMeasured())
                        .map(NamedMachine::name)
                        .toList(),
                read.lesson(),
                read.logged(),
                read.day().date().isBefore(today));
    }

    private static RiderBriefing briefing(Participant read, Optional<RiderSizes> riderSizes, List<Double> stands) {
        Optional<Double> rides = riderSizes.flatMap(
                s -> DaySizeService.rides(read.rider(), s, stands).settingMetres());
        return new RiderBriefing(
                read.rider().id().value(),
                read.rider().name(),
                read.rider().level(),
                read.rider().mostLeanRadians().orElse(null),
                read.machine().id().value(),
                read.machine().name(),
                riderSizes.map(RiderSizes::size).orElse(null),
                rides.orElse(null),
                rides.flatMap(metres -> riderSizes.map(s -> s.chanceAt(metres))).orElse(null),
                riderSizes.map(RiderSizes::left).orElse(null),
                riderSizes.map(RiderSizes::right).orElse(null));
    }

    private List<Caution> cautions(BriefingReader.BriefingInput read) {
        List<Caution> cautions = new ArrayList<>();
        read.yard().ifPresent(y -> {
            cautions.addAll(y.cautions());
            boolean novices = read.riders().stream().anyMatch(r -> r.rider().level() == RiderLevel.NOVICE);
            cautions.addAll(placing.cautions(
                    y.yard(),
                    read.courses().stream()
                            .map(c ->
                                    new SizedCourse(c.id(), c.name(), read.day().nested(c)))
                            .toList(),
                    read.day().placements(),
                    novices));
        });
        return List.copyOf(cautions);
    }
}

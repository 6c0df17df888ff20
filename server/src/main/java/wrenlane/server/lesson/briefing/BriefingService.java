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
import wrenlane.server.ground.placement.PlacingService;
import wrenlane.server.ground.placement.PlacingService.SizedCourse;
import wrenlane.server.lesson.briefing.BriefingResponse.RiderBriefing;
import wrenlane.server.lesson.size.StandingService;
import wrenlane.server.platform.calculation.KeptUntilStored;
import wrenlane.server.platform.calculation.Rank;
import wrenlane.server.platform.calculation.Reckoning;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.Participant;
import wrenlane.server.progress.Standing;
import wrenlane.server.progress.Standings;
import wrenlane.units.LengthSystem;
import wrenlane.yard.Caution;
import wrenlane.yard.SharedCones;
import wrenlane.yard.StandingCourse;

/** Puts the day on one page: what to bring, who rides what, and what is not ready. */
@Service
public class BriefingService {
    /** Memory for briefings, in bytes. */
    private static final long MOST_BYTES = 1_000_000;

    /** One of them, in bytes: an estimate for a dozen riders. */
    private static final int BRIEFING_BYTES = 20_000;

    private final BriefingReader reader;
    private final Standings standings;
    private final PlacingService placing;
    private final Storage storage;
    private final Reckoning reckoning;
    private final Clock clock;
    private final KeptUntilStored<Asked, BriefingResponse> kept;

    BriefingService(
            BriefingReader reader,
            Standings standings,
            PlacingService placing,
            Storage storage,
            Reckoning reckoning,
            Clock clock) {
        this.reader = reader;
        this.standings = standings;
        this.placing = placing;
        this.storage = storage;
        this.reckoning = reckoning;
        this.clock = clock;
        this.kept = new KeptUntilStored<>(storage::state, MOST_BYTES, of -> BRIEFING_BYTES, of -> !of.unfinished());
    }

    private record Asked(long dayId, LengthSystem system, LocalDate today) {}

    /** Everything of a day at a glance. Read of one state of the data, and reckoned after that. */
    public BriefingResponse briefing(long dayId, LengthSystem system) {
        Asked asked = new Asked(dayId, system, LocalDate.now(clock));
        return kept.get(asked, () -> reckoned(asked));
    }

    private BriefingResponse reckoned(Asked asked) {
        LengthSystem system = asked.system();
        BriefingReader.Read read = storage.read(() -> reader.read(asked.dayId()));
        Day day = read.day();
        List<NamedCourse> set = read.courses();
        DayState state = state(read, asked.today());
        List<Optional<Standing>> known = reckoning.parts(
                Rank.MANY,
                read.riders().stream()
                        .map(r -> (Supplier<Standing>) () -> standings.standing(r, read.first(), system))
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

    private DayState state(BriefingReader.Read read, LocalDate today) {
        Map<CourseId, StandingCourse> placed = read.day().standing(read.courses());
        List<StandingCourse> standing = List.copyOf(placed.values());
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
                        SharedCones.markers(standing),
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

    private static RiderBriefing briefing(Participant read, Optional<Standing> standing, List<Double> stands) {
        Optional<Double> rides = standing.flatMap(
                s -> StandingService.rides(read.rider(), s, stands).settingMetres());
        return new RiderBriefing(
                read.rider().id().value(),
                read.rider().name(),
                read.rider().level(),
                read.rider().mostLeanRadians().orElse(null),
                read.machine().id().value(),
                read.machine().name(),
                standing.map(Standing::rung).orElse(null),
                rides.orElse(null),
                rides.flatMap(metres -> standing.map(s -> s.chanceAt(metres))).orElse(null),
                standing.map(Standing::left).orElse(null),
                standing.map(Standing::right).orElse(null));
    }

    private List<Caution> cautions(BriefingReader.Read read) {
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

package wrenlane.server.lesson;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wrenlane.finding.Finding;
import wrenlane.lesson.Block;
import wrenlane.lesson.Lesson;
import wrenlane.lesson.PlanRepair;
import wrenlane.lesson.RiderTask;
import wrenlane.lesson.Station;
import wrenlane.machine.Side;
import wrenlane.server.lesson.LessonResponse.LessonRider;
import wrenlane.server.lesson.LessonResponse.PlanRepairJson;
import wrenlane.server.lesson.LessonResponse.PlannedBlock;
import wrenlane.server.lesson.LessonResponse.PlannedTurn;
import wrenlane.server.lesson.LessonResponse.StationText;
import wrenlane.server.lesson.LessonSettings.WishJson;
import wrenlane.server.lesson.drill.RiderDrills;
import wrenlane.server.lesson.size.DaySizeService.Rides;
import wrenlane.server.progress.ChanceJson;

/** A planned lesson as it is answered: with names, sides and chances. */
final class LessonAnswer {
    private final LessonInput gathered;
    private final Optional<Lesson> lesson;
    private final Map<String, String> names;

    private LessonAnswer(LessonInput gathered, Optional<Lesson> lesson) {
        this.gathered = gathered;
        this.lesson = lesson;
        this.names = gathered.riders().stream()
                .collect(Collectors.toMap(r -> String.valueOf(r.riderId()), RiderDrills::riderName));
    }

    /**
     * The answer.
     *
     * @param lesson missing where nobody takes part
     * @param repairs of what the lesson breaks
     */
    static LessonResponse of(LessonInput gathered, Optional<Lesson> lesson, List<PlanRepair> repairs) {
        LessonOfDay of = gathered.of();
        LessonAnswer answer = new LessonAnswer(gathered, lesson);
        return new LessonResponse(
                of.day().id().value(),
                of.version(),
                of.kept(),
                of.settings(),
                gathered.riders().stream().map(answer::rider).toList(),
                gathered.stations().stream().map(answer::station).toList(),
                lesson.stream()
                        .flatMap(l -> l.blocks().stream())
                        .map(answer::block)
                        .toList(),
                answer.order(),
                lesson.map(Lesson::findings)
                        .orElseGet(() -> nobody(gathered.riders().isEmpty())),
                gathered.unfinished(),
                repairs.stream().map(answer::repair).toList());
    }

    private List<WishJson> order() {
        List<WishJson> wishes = gathered.of().settings().wishes();
        return wishes.isEmpty()
                ? lesson.stream()
                        .flatMap(l -> l.stationsInOrder().stream())
                        .map(WishJson::of)
                        .toList()
                : wishes;
    }

    private LessonRider rider(RiderDrills stand) {
        String id = String.valueOf(stand.riderId());
        return new LessonRider(
                stand.riderId(),
                stand.riderName(),
                stand.machineName(),
                Objects.requireNonNull(gathered.tasks().get(id)).meanwhile().orElse(null),
                lesson.map(l -> l.runs(id)).orElse(0));
    }

    private StationText station(Station station) {
        return new StationText(
                station.id(),
                station.name(),
                gathered.of().activeSizes(station),
                gathered.riders().stream()
                        .filter(r -> !station.isForAll(Set.of(String.valueOf(r.riderId()))))
                        .map(RiderDrills::riderName)
                        .toList(),
                station.passSeconds());
    }

    private PlannedBlock block(Block block) {
        return new PlannedBlock(
                block.sort(),
                block.sort().label(),
                block.startMinute(),
                block.minutes(),
                block.area(),
                block.station().orElse(null),
                block.station().map(gathered::nameOf).orElse(null),
                block.turns().stream().map(t -> turn(t, chance(block, t))).toList(),
                block.wish().orElse(null),
                block.fixed());
    }

    private Optional<ChanceJson> chance(Block block, Block.Turn turn) {
        return block.station()
                .filter(id -> !id.equals(Station.OPEN))
                .map(id -> gathered.rides().getOrDefault(Long.valueOf(id), Map.of()))
                .flatMap(onIt -> Optional.ofNullable(onIt.get(Long.valueOf(turn.rider()))))
                .flatMap(Rides::chance);
    }

    private PlannedTurn turn(Block.Turn turn, Optional<ChanceJson> chance) {
        RiderTask task = turn.task();
        return new PlannedTurn(
                Long.parseLong(turn.rider()),
                names.getOrDefault(turn.rider(), ""),
                task,
                turn.runs(),
                turn.runsTo(Side.LEFT),
                turn.runsTo(Side.RIGHT),
                turn.easier(),
                chance.orElse(null));
    }

    private PlanRepairJson repair(PlanRepair way) {
        return new PlanRepairJson(
                way.said(gathered::nameOf), way.change() == PlanRepair.Change.FEWER_RIDERS ? null : settings(way));
    }

    /** Settings that take a way out. */
    private LessonSettings settings(PlanRepair way) {
        LessonSettings now = gathered.of().settings();
        return new LessonSettings(
                now.startsAt(),
                way.brief().minutes(),
                now.areas(),
                way.brief().helpers(),
                now.weather(),
                now.absent(),
                way.brief().wishes().stream().map(WishJson::of).toList(),
                now.school());
    }

    private static List<Finding> nobody(boolean atAll) {
        return List.of(
                atAll
                        ? new Finding("nobody", "riders", "Nobody takes part yet: put riders on the day first.")
                        : new Finding(
                                "nothing-to-ride",
                                "riders",
                                "Somebody has no drill left that needs no cones: take in again one that was left out."));
    }
}

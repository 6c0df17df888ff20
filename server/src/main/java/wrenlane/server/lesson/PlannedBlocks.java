package wrenlane.server.lesson;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wrenlane.lesson.Block;
import wrenlane.lesson.Lesson;
import wrenlane.lesson.RiderTask;
import wrenlane.lesson.Station;
import wrenlane.machine.Side;
import wrenlane.server.day.StandingService.Rides;
import wrenlane.server.drill.RiderDrills;
import wrenlane.server.lesson.LessonResponse.PlannedBlock;
import wrenlane.server.lesson.LessonResponse.PlannedTurn;
import wrenlane.server.progress.ChanceJson;

/** The blocks of a planned lesson as they are answered: with names, sides and chances. */
final class PlannedBlocks {
    private PlannedBlocks() {}

    /** All blocks, in their order. */
    static List<PlannedBlock> of(
            Lesson lesson, List<RiderDrills> stand, List<Station> stations, Map<Long, Map<Long, Rides>> rides) {
        Map<String, String> names = new LinkedHashMap<>();
        stand.forEach(r -> names.put(String.valueOf(r.riderId()), r.riderName()));
        return lesson.blocks().stream()
                .map(b -> new PlannedBlock(
                        b.sort(),
                        b.sort().label(),
                        b.startMinute(),
                        b.minutes(),
                        b.area(),
                        b.station().orElse(null),
                        b.station().map(id -> name(stations, id)).orElse(null),
                        b.turns().stream()
                                .map(t -> turn(t, names, chance(b, t, rides)))
                                .toList()))
                .toList();
    }

    /** What a station is called. */
    static String name(List<Station> stations, String id) {
        return stations.stream()
                .filter(s -> s.id().equals(id))
                .map(Station::name)
                .findFirst()
                .orElse(id);
    }

    private static Optional<ChanceJson> chance(Block block, Block.Turn turn, Map<Long, Map<Long, Rides>> rides) {
        return block.station()
                .filter(id -> !id.equals(Station.OPEN))
                .map(id -> rides.getOrDefault(Long.valueOf(id), Map.of()))
                .flatMap(onIt -> Optional.ofNullable(onIt.get(Long.valueOf(turn.rider()))))
                .flatMap(Rides::chance);
    }

    private static PlannedTurn turn(Block.Turn turn, Map<String, String> names, Optional<ChanceJson> chance) {
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
}

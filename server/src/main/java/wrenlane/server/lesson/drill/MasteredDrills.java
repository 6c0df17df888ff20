package wrenlane.server.lesson.drill;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.storage.Storage;

/** Drills that an instructor saw riders master on a machine. */
@Service
public class MasteredDrills {
    private final DrillMapper mapper;
    private final DrillService drills;
    private final RiderService riders;
    private final MachineService machines;
    private final Storage storage;
    private final Clock clock;

    MasteredDrills(
            DrillMapper mapper,
            DrillService drills,
            RiderService riders,
            MachineService machines,
            Storage storage,
            Clock clock) {
        this.mapper = mapper;
        this.drills = drills;
        this.riders = riders;
        this.machines = machines;
        this.storage = storage;
        this.clock = clock;
    }

    List<MasteredRow> rows(long riderId) {
        return mapper.masteredBy(riderId);
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
    public record MasteryMark(long machineId, LocalDate on, List<String> drillIds) {}

    /** All that a rider was seen to have mastered. */
    public List<MasteryMark> seen(long riderId) {
        Map<MasteryMark, List<String>> grouped = new LinkedHashMap<>();
        mapper.masteredBy(riderId)
                .forEach(row -> grouped.computeIfAbsent(
                                new MasteryMark(row.machineId(), LocalDate.parse(row.shownOn()), List.of()),
                                s -> new ArrayList<>())
                        .add(row.drillId()));
        return grouped.entrySet().stream()
                .map(e -> new MasteryMark(e.getKey().machineId(), e.getKey().on(), List.copyOf(e.getValue())))
                .toList();
    }

    /** Takes that back. */
    void unmaster(long riderId, long machineId, String drillId) {
        storage.change(() -> {
            there(riderId, machineId, drillId);
            mapper.unmaster(riderId, machineId, drillId);
        });
    }

    /** Refuses a rider, a machine or a drill that is not there. */
    void there(long riderId, long machineId, String drillId) {
        riders.get(riderId);
        machines.require(machineId);
        Objects.requireNonNull(drills.get(drillId));
    }
}

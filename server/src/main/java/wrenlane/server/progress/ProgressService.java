package wrenlane.server.progress;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.course.UTurnBox;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.progress.LadderRule;
import wrenlane.progress.RungChoice;
import wrenlane.progress.Tally;
import wrenlane.rideline.Ladder;
import wrenlane.run.RunRecord;
import wrenlane.server.machine.MachineService;
import wrenlane.server.progress.ProgressResponse.FaultCount;
import wrenlane.server.progress.ProgressResponse.ProgressDay;
import wrenlane.server.progress.ProgressResponse.SideTally;
import wrenlane.server.rider.RiderResponse;
import wrenlane.server.rider.RiderService;
import wrenlane.server.run.RunResponse;
import wrenlane.server.run.RunService;

/** What a rider's runs say. */
@Service
public class ProgressService {
    /** Settings closer than this are the same rung, in metres: half a centimetre. */
    private static final double SAME_METRES = 0.005;

    private final RunService runs;
    private final RiderService riders;
    private final MachineService machines;
    private final ProgressDays days;

    ProgressService(RunService runs, RiderService riders, MachineService machines, ProgressDays days) {
        this.runs = runs;
        this.riders = riders;
        this.machines = machines;
        this.days = days;
    }

    /** Where a rider stands on a machine, by all runs so far. */
    public Standing standing(RiderResponse rider, long machineId) {
        return standing(rider, machineId, records(runs.ofRider(rider.id())));
    }

    private Standing standing(RiderResponse rider, long machineId, List<RunRecord> all) {
        MachineTurn turn = machines.turn(machineId);
        Ladder ladder = Ladder.of(turn.uTurnLimitBothSidesMetres(), UTurnBox.WIDTH);
        EstimateJson left = EstimateJson.of(all, Side.LEFT, turn.uTurnLimitMetres(Side.LEFT));
        EstimateJson right = EstimateJson.of(all, Side.RIGHT, turn.uTurnLimitMetres(Side.RIGHT));
        return new Standing(
                ladder,
                turn.uTurnLimitMetres(Side.LEFT),
                turn.uTurnLimitMetres(Side.RIGHT),
                left,
                right,
                RungChoice.first(
                                ladder,
                                Optional.ofNullable(left).map(EstimateJson::setting),
                                Optional.ofNullable(right).map(EstimateJson::setting),
                                rider.level())
                        .orElse(null));
    }

    /** A rider on a day, a course and a machine, with advice for the next run at a setting. */
    RangeResponse range(long dayId, long riderId, long courseId, long machineId, @Nullable Double settingMetres) {
        Standing standing = standing(riders.get(riderId), machineId);
        List<RunResponse> today = runs.ofRiderOnDay(riderId, dayId).stream()
                .filter(r -> r.courseId() == courseId)
                .toList();
        if (settingMetres == null) {
            return new RangeResponse(standing, today, null, null);
        }
        List<RunRecord> here = records(today.stream()
                .filter(r -> Math.abs(r.settingMetres() - settingMetres) < SAME_METRES)
                .toList());
        return new RangeResponse(
                standing,
                today,
                LadderRule.DEFAULT.advise(here, Side.LEFT),
                LadderRule.DEFAULT.advise(here, Side.RIGHT));
    }

    /** A rider's progress over all days, reckoned for the machine last ridden, else the usual one. */
    ProgressResponse progress(long riderId) {
        RiderResponse rider = riders.get(riderId);
        List<RunResponse> all = runs.ofRider(riderId);
        List<RunRecord> records = records(all);
        Long machineId = all.isEmpty()
                ? rider.machineId()
                : Long.valueOf(all.get(all.size() - 1).machineId());
        Standing standing = machineId == null ? null : standing(rider, machineId, records);
        return new ProgressResponse(
                riderId,
                machineId == null ? null : machines.get(machineId).name(),
                standing,
                standing == null ? List.of() : byDay(all, standing),
                tally(records, Side.LEFT),
                tally(records, Side.RIGHT));
    }

    private List<ProgressDay> byDay(List<RunResponse> all, Standing standing) {
        Map<Long, List<RunResponse>> grouped = new LinkedHashMap<>();
        all.forEach(
                r -> grouped.computeIfAbsent(r.dayId(), d -> new ArrayList<>()).add(r));
        List<RunRecord> sofar = new ArrayList<>();
        List<ProgressDay> result = new ArrayList<>();
        grouped.forEach((dayId, ridden) -> {
            sofar.addAll(records(ridden));
            ProgressDays.Heading heading = days.heading(dayId);
            result.add(new ProgressDay(
                    dayId,
                    heading.date(),
                    heading.title(),
                    List.copyOf(ridden),
                    EstimateJson.of(sofar, Side.LEFT, standing.limitLeftMetres()),
                    EstimateJson.of(sofar, Side.RIGHT, standing.limitRightMetres())));
        });
        return List.copyOf(result);
    }

    private static SideTally tally(List<RunRecord> all, Side side) {
        Tally tally = Tally.of(all.stream().filter(r -> r.side() == side).toList());
        List<FaultCount> faults = tally.faults().entrySet().stream()
                .map(e -> new FaultCount(e.getKey(), e.getKey().label(), e.getValue()))
                .sorted(Comparator.comparingInt(FaultCount::count).reversed().thenComparing(FaultCount::fault))
                .toList();
        return new SideTally(side, tally.runs(), tally.clean(), faults);
    }

    private static List<RunRecord> records(List<RunResponse> runs) {
        return runs.stream().map(RunService::record).toList();
    }
}

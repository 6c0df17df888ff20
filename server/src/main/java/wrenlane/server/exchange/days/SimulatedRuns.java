package wrenlane.server.exchange.days;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import wrenlane.finding.Checks;
import wrenlane.id.CourseId;
import wrenlane.id.DayId;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;
import wrenlane.id.RunId;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.run.CourseRide;
import wrenlane.run.Fault;
import wrenlane.run.Observation;
import wrenlane.run.Run;
import wrenlane.run.RunContext;
import wrenlane.run.RunDetail;
import wrenlane.run.RunLog;
import wrenlane.run.Technique;
import wrenlane.server.course.difficulty.CourseDifficulty;
import wrenlane.server.exchange.days.ImportDocument.DayRiderItem;
import wrenlane.server.exchange.days.ImportDocument.VirtualRiderItem;
import wrenlane.server.exchange.days.PreparedDays.ReadyCourse;
import wrenlane.server.exchange.days.PreparedDays.ReadyDay;
import wrenlane.server.exchange.days.PreparedDays.ReadyItem;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.simulation.VirtualRider;
import wrenlane.units.LengthSystem;
import wrenlane.verdict.SizeLadder;

/** Lets virtual riders ride the past days of a file on the first course of each. */
@Component
class SimulatedRuns {
    /** Most runs one file may make; chosen by us: years of lessons, stored in about a second. */
    static final int MOST = 10_000;

    private static final LocalTime FIRST_RUN = LocalTime.of(9, 20);

    /** Time from one run of a rider to the next, in seconds. */
    private static final int RUN_SECONDS = 150;

    /** Taken where a course asks for no turn. */
    private static final double EASY = 0.3;

    private final CourseDifficulty difficulty;

    SimulatedRuns(CourseDifficulty difficulty) {
        this.difficulty = difficulty;
    }

    /**
     * One run, ridden but not stored: what it refers to has no number yet.
     *
     * @param day place of the day in the file
     * @param index which of the rider's runs of that day
     */
    record SimulatedRun(
            int day,
            DayRiderItem pair,
            ReadyItem<ReadyCourse> course,
            int index,
            Side side,
            double settingMetres,
            Set<Fault> faults,
            Set<Technique> technique,
            Instant at) {
        /** The run with the numbers its things were given. */
        Run run(List<Long> days, Keys<Long> riders, Keys<Long> machines, Keys<Long> courses) {
            DayId dayId = new DayId(days.get(day));
            RiderId riderId = new RiderId(riders.get(pair.rider()));
            String name = "simulated/" + dayId + "/" + riderId + "/" + index;
            return new Run(
                    new RunId(UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8))
                            .toString()),
                    new RunContext(dayId, riderId, new MachineId(machines.get(pair.machine())), Optional.empty()),
                    Optional.of(CourseRide.of(
                            new CourseId(courses.get(course.key())),
                            course.name(),
                            settingMetres,
                            course.thing().course(),
                            Optional.of(side))),
                    Optional.of(side),
                    faults,
                    RunDetail.seen(new Observation(technique, Optional.empty(), Optional.empty(), Optional.empty())),
                    RunLog.first(at, true, ""));
        }
    }

    /** How many runs there will be. */
    static int count(List<ReadyItem<ReadyDay>> days, Map<String, VirtualRiderItem> virtual, LocalDate today) {
        return past(days, today).stream()
                .mapToInt(i -> days.get(i).thing().item().riders().stream()
                        .map(pair -> virtual.get(pair.rider()))
                        .filter(Objects::nonNull)
                        .mapToInt(VirtualRiderItem::runsPerDay)
                        .sum())
                .sum();
    }

    /** Places of the days before today that have a course, oldest day first. */
    private static List<Integer> past(List<ReadyItem<ReadyDay>> days, LocalDate today) {
        return IntStream.range(0, days.size())
                .filter(i -> days.get(i).thing().draft().date().isBefore(today)
                        && !days.get(i).thing().item().courses().isEmpty())
                .boxed()
                .sorted(Comparator.comparing(i -> days.get(i).thing().draft().date()))
                .toList();
    }

    /** Rides them all; nothing is stored. */
    List<SimulatedRun> ride(PreparedDays file, LocalDate today) {
        Map<String, VirtualRider> riders = new HashMap<>();
        file.virtualRiders().forEach((key, item) -> riders.put(key, rider(item)));
        Keys<ReadyItem<ReadyCourse>> courses = new Keys<>("course");
        file.courses().forEach(c -> courses.put(c.key(), c));
        Keys<MachineTurn> machines = new Keys<>("machine");
        file.machines().forEach(m -> machines.put(m.key(), m.thing().turn()));
        List<SimulatedRun> ridden = new ArrayList<>();
        for (int day : past(file.days(), today)) {
            ReadyDay there = file.days().get(day).thing();
            ReadyItem<ReadyCourse> course = courses.get(there.item().courses().get(0));
            for (DayRiderItem pair : there.item().riders()) {
                VirtualRider rider = riders.get(pair.rider());
                VirtualRiderItem item = file.virtualRiders().get(pair.rider());
                if (rider != null && item != null) {
                    ridden.addAll(ride(
                            day,
                            there.draft().date(),
                            pair,
                            course,
                            machines.get(pair.machine()),
                            rider,
                            item.runsPerDay()));
                }
            }
        }
        return ridden;
    }

    private List<SimulatedRun> ride(
            int day,
            LocalDate date,
            DayRiderItem pair,
            ReadyItem<ReadyCourse> course,
            MachineTurn turn,
            VirtualRider rider,
            int count) {
        SizeLadder ladder = difficulty.ladder(course.thing().course(), turn, LengthSystem.METRIC);
        Instant first = date.atTime(FIRST_RUN).toInstant(ZoneOffset.UTC);
        List<SimulatedRun> ridden = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Side side = i % 2 == 0 ? Side.LEFT : Side.RIGHT;
            double setting = rider.choose(ladder, side).settingMetres();
            double tight = difficulty
                    .of(course.thing().course(), turn, side)
                    .at(setting)
                    .orElse(EASY);
            Set<Fault> faults = Set.copyOf(rider.ride(side, tight));
            ridden.add(new SimulatedRun(
                    day,
                    pair,
                    course,
                    i,
                    side,
                    setting,
                    faults,
                    rider.seen(side, faults),
                    first.plusSeconds((long) i * RUN_SECONDS)));
        }
        return ridden;
    }

    /** Refuses a virtual rider out of range. */
    static void check(VirtualRiderItem v) {
        String where = "virtualRiders." + v.rider();
        RefusedException.unlessNone(new Checks()
                .add(Checks.range(where, "startDifficulty", v.startDifficulty(), 0.15, 1.5, ""))
                .add(Checks.range(where, "bestDifficulty", v.bestDifficulty(), v.startDifficulty(), 1.5, ""))
                .add(Checks.range(where, "weakBy", v.weakBy(), 0, v.startDifficulty() / 2, ""))
                .add(Checks.range(where, "learning", v.learning(), 0, 0.5, ""))
                .add(Checks.range(where, "runsPerDay", v.runsPerDay(), 0, 100, "")));
    }

    private static VirtualRider rider(VirtualRiderItem v) {
        return new VirtualRider(
                new VirtualRider.Skill(v.startDifficulty(), v.bestDifficulty(), v.weakSide(), v.weakBy(), v.learning()),
                v.seed());
    }
}

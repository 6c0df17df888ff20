package wrenlane.lesson;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import wrenlane.drill.DrillMastery.State;
import wrenlane.drill.Stage;
import wrenlane.machine.Side;

/** Briefs for tests. */
final class Briefs {
    private Briefs() {}

    static RiderTask task(String drill, Stage stage, State state) {
        return new RiderTask(drill, "Drill " + drill, "Chin up", stage, state, true, 8);
    }

    /** A station on which all riders ride one drill. */
    static Station station(String id, Stage stage, List<String> riders) {
        return station(id, stage, 30, false, riders);
    }

    static Station station(String id, Stage stage, int passSeconds, boolean standing, List<String> riders) {
        Map<String, RiderTask> tasks = new LinkedHashMap<>();
        riders.forEach(r -> tasks.put(r, task(id + "-drill", stage, State.WORKING_ON)));
        return new Station(id, "Station " + id, cones(id.equals(Station.OPEN) ? 0 : 10), standing, passSeconds, tasks);
    }

    /** As long as so many cones take, each with a few steps to the next. */
    static Station.SetupMinutes cones(int count) {
        return new Station.SetupMinutes(count * 25 / 60.0, count * 6 / 60.0);
    }

    static List<String> riders(int count) {
        return IntStream.rangeClosed(1, count).mapToObj(i -> "r" + i).toList();
    }

    /** The same with sides that some riders are weak on, on every station. */
    static LessonBrief weak(LessonBrief of, Map<String, Side> weak) {
        List<Station> stations = of.stations().stream()
                .map(s -> {
                    Map<String, RiderTask> tasks = new LinkedHashMap<>();
                    s.tasks()
                            .forEach((rider, task) ->
                                    tasks.put(rider, task.on(Optional.empty(), Optional.ofNullable(weak.get(rider)))));
                    return new Station(s.id(), s.name(), s.laying(), s.standing(), s.passSeconds(), tasks, s.sharing());
                })
                .toList();
        return new LessonBrief(
                of.minutes(), of.riders(), stations, of.areas(), of.helpers(), of.weather(), of.wishes());
    }

    /** The same with two stations that share ground. */
    static LessonBrief sharing(LessonBrief of, String one, String other) {
        List<Station> stations = of.stations().stream()
                .map(s -> !s.id().equals(one)
                        ? s
                        : new Station(
                                s.id(), s.name(), s.laying(), s.standing(), s.passSeconds(), s.tasks(), Set.of(other)))
                .toList();
        return new LessonBrief(
                of.minutes(), of.riders(), stations, of.areas(), of.helpers(), of.weather(), of.wishes());
    }

    /** Two and a half hours for some riders, open ground and three courses. */
    static LessonBrief usual(int riders) {
        List<String> all = riders(riders);
        return new LessonBrief(
                150,
                all,
                List.of(
                        station(Station.OPEN, Stage.STRAIGHT_CONTROL, all),
                        station("box", Stage.U_TURNS, all),
                        station("weave", Stage.WIDE_TURNS, all),
                        station("eight", Stage.LINKED_TURNS, all)),
                1,
                0,
                Weather.DRY,
                List.of());
    }

    static LessonBrief lasting(LessonBrief b, int minutes) {
        return b.with(minutes, b.wishes());
    }

    static LessonBrief wishing(LessonBrief b, Wish... wishes) {
        return new LessonBrief(
                b.minutes(), b.riders(), b.stations(), b.areas(), b.helpers(), b.weather(), List.of(wishes));
    }

    /** Anything a school may ask for: 1 to 12 riders, half an hour to six hours, some with stations not for all. */
    static LessonBrief random(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<String> riders = riders(1 + random.nextInt(12));
        List<Station> stations = new ArrayList<>();
        stations.add(drawn(Station.OPEN, riders, random));
        int courses = random.nextInt(7);
        for (int i = 0; i < courses; i++) {
            boolean forAll = random.nextInt(4) > 0;
            List<String> some = forAll
                    ? riders
                    : riders.stream().filter(r -> random.nextBoolean()).toList();
            stations.add(drawn("course" + i, some, random));
        }
        return new LessonBrief(
                30 + random.nextInt(331),
                riders,
                stations,
                1 + random.nextInt(4),
                random.nextInt(4),
                Weather.values()[random.nextInt(3)],
                List.of());
    }

    private static Station drawn(String id, List<String> some, SplittableRandom random) {
        Map<String, RiderTask> tasks = new LinkedHashMap<>();
        List<Optional<Side>> weak = List.of(Optional.empty(), Optional.of(Side.LEFT), Optional.of(Side.RIGHT));
        State[] states = {State.WORKING_ON, State.NEXT, State.MASTERED};
        for (String rider : some) {
            tasks.put(
                    rider,
                    new RiderTask(
                                    id + "-" + random.nextInt(3),
                                    "Drill",
                                    "Cue",
                                    Stage.values()[random.nextInt(6)],
                                    states[random.nextInt(3)],
                                    random.nextBoolean(),
                                    3 + random.nextInt(10))
                            .on(Optional.empty(), weak.get(random.nextInt(3))));
        }
        return new Station(
                id,
                id,
                cones(id.equals(Station.OPEN) ? 0 : 4 + random.nextInt(20)),
                random.nextBoolean(),
                15 + random.nextInt(60),
                tasks);
    }
}

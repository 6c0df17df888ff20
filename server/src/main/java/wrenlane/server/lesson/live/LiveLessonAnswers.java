package wrenlane.server.lesson.live;

import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import wrenlane.day.Day;
import wrenlane.drill.Catalogue;
import wrenlane.drill.Drill;
import wrenlane.drill.DrillScoring;
import wrenlane.id.CourseId;
import wrenlane.id.MachineId;
import wrenlane.lesson.Block;
import wrenlane.lesson.LiveLesson;
import wrenlane.lesson.LiveLesson.LessonRun;
import wrenlane.lesson.LiveLesson.NextRider;
import wrenlane.lesson.RiderTask;
import wrenlane.lesson.Station;
import wrenlane.machine.NamedMachine;
import wrenlane.server.course.CourseService;
import wrenlane.server.lesson.drill.DrillService;
import wrenlane.server.lesson.drill.ScoreMark;
import wrenlane.server.lesson.live.LiveLessonResponse.LiveBlock;
import wrenlane.server.lesson.live.LiveLessonResponse.LiveRider;
import wrenlane.server.lesson.live.LiveLessonResponse.NextDrill;
import wrenlane.server.lesson.live.LiveLessonResponse.NextRiderJson;
import wrenlane.server.lesson.live.LiveLessonResponse.Status;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.progress.run.RunRepository;

/** Answers where a live lesson is: with names, sizes and whose turn it is. */
@Component
class LiveLessonAnswers {
    private final RunRepository runs;
    private final RiderService riders;
    private final MachineService machines;
    private final CourseService courses;
    private final DrillService drills;
    private final Clock clock;

    LiveLessonAnswers(
            RunRepository runs,
            RiderService riders,
            MachineService machines,
            CourseService courses,
            DrillService drills,
            Clock clock) {
        this.runs = runs;
        this.riders = riders;
        this.machines = machines;
        this.courses = courses;
        this.drills = drills;
        this.clock = clock;
    }

    /** Where it is now; begun by nobody where it is missing. */
    LiveLessonResponse answer(Day day, Optional<LiveLesson> running) {
        Instant now = clock.instant();
        if (running.isEmpty()) {
            return new LiveLessonResponse(
                    day.id().value(), Status.NOT_BEGUN, 0, 0, now, List.of(), List.of(), null, null, 0, List.of());
        }
        LiveLesson lesson = running.get();
        Words words = words(day, lesson);
        List<LessonRun> ridden = runs.ofDay(day.id().value()).stream()
                .map(LiveLessonService::ridden)
                .toList();
        return new LiveLessonResponse(
                day.id().value(),
                status(lesson),
                lesson.step(),
                (int) lesson.blocks().stream()
                        .map(Block::startMinute)
                        .distinct()
                        .count(),
                now,
                lesson.now().stream()
                        .map(b -> words.block(b, lesson.turns(b, ridden)))
                        .toList(),
                lesson.next().stream().map(b -> words.block(b, List.of())).toList(),
                lesson.endsAt(now).orElse(null),
                lesson.restAt(now).orElse(null),
                lesson.behind(now).toMinutes(),
                words.names().entrySet().stream()
                        .map(e -> new LiveRider(
                                Long.parseLong(e.getKey()),
                                e.getValue(),
                                lesson.away().contains(e.getKey())))
                        .sorted(Comparator.comparingLong(LiveRider::riderId))
                        .toList());
    }

    private static Status status(LiveLesson lesson) {
        if (lesson.isOver()) {
            return Status.OVER;
        }
        return lesson.pausedAt().isPresent() ? Status.PAUSED : Status.ON;
    }

    /** What things are called, by the ids the lesson plan knows them by. */
    private record Words(
            Map<String, String> names, Map<String, String> machines, Map<CourseId, String> courses, Catalogue drills) {
        LiveBlock block(Block block, List<NextRider> turns) {
            Optional<CourseId> course =
                    block.station().filter(id -> !id.equals(Station.OPEN)).map(id -> new CourseId(Long.parseLong(id)));
            return new LiveBlock(
                    block.sort(),
                    block.sort().label(),
                    block.minutes(),
                    block.station()
                            .map(id -> course.map(c -> courses.getOrDefault(c, "A course no longer here"))
                                    .orElse("Open ground"))
                            .orElse(null),
                    course.map(CourseId::value).orElse(null),
                    turns.stream()
                            .filter(up -> up.done() < up.of())
                            .map(this::up)
                            .toList(),
                    turns.stream()
                            .filter(up -> up.done() >= up.of())
                            .map(this::up)
                            .toList());
        }

        private NextRiderJson up(NextRider up) {
            return new NextRiderJson(
                    Long.parseLong(up.rider()),
                    names.getOrDefault(up.rider(), ""),
                    machines.getOrDefault(up.rider(), ""),
                    drill(up.task()),
                    up.side().orElse(null),
                    up.task().settingMetres().orElse(null),
                    up.done(),
                    up.of());
        }

        private NextDrill drill(RiderTask task) {
            Optional<Drill> drill = drills.find(task.drillId());
            return new NextDrill(
                    task.drillId(),
                    task.drillName(),
                    drill.map(Drill::loggedBy).orElse(DrillScoring.LogEntry.RUN),
                    task.cue(),
                    task.longestMinutes(),
                    drill.flatMap(d -> d.riding().speed()).orElse(null),
                    drill.flatMap(d -> ScoreMark.of(d.pass())).orElse(null));
        }
    }

    private Words words(Day day, LiveLesson lesson) {
        Set<String> riding = ridersOf(lesson);
        Map<String, String> names = new HashMap<>();
        riders.all().stream()
                .filter(r -> riding.contains(String.valueOf(r.id())))
                .forEach(r -> names.put(String.valueOf(r.id()), r.name()));
        Map<MachineId, NamedMachine> known = machines.get(day.machineIds());
        Map<String, String> ridden = new HashMap<>();
        day.riders()
                .forEach(r -> ridden.put(
                        r.riderId().toString(),
                        Objects.requireNonNull(known.get(r.machineId())).name()));
        return new Words(names, ridden, courses.names(), drills.catalogue());
    }

    private static Set<String> ridersOf(LiveLesson lesson) {
        Set<String> riders = new HashSet<>();
        lesson.blocks().forEach(b -> b.turns().forEach(t -> riders.add(t.rider())));
        return riders;
    }
}

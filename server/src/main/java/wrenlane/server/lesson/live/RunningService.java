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
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.course.NamedCourse;
import wrenlane.day.Day;
import wrenlane.drill.Catalogue;
import wrenlane.drill.Drill;
import wrenlane.id.CourseId;
import wrenlane.id.MachineId;
import wrenlane.lesson.Block;
import wrenlane.lesson.RunningLesson;
import wrenlane.lesson.RunningLesson.Ridden;
import wrenlane.lesson.RunningLesson.Up;
import wrenlane.lesson.Station;
import wrenlane.machine.NamedMachine;
import wrenlane.run.Run;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayService;
import wrenlane.server.lesson.LessonService;
import wrenlane.server.lesson.drill.DrillService;
import wrenlane.server.lesson.drill.ScoreMark;
import wrenlane.server.lesson.live.RunningAct.Act;
import wrenlane.server.lesson.live.RunningResponse.RunningBlock;
import wrenlane.server.lesson.live.RunningResponse.RunningRider;
import wrenlane.server.lesson.live.RunningResponse.Status;
import wrenlane.server.lesson.live.RunningResponse.UpNext;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.event.News;
import wrenlane.server.platform.event.Newsroom;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.run.RunRepository;
import wrenlane.units.LengthSystem;

/** The lesson of a day while it is given: the same on every device. */
@Service
public class RunningService {
    private final LiveLessonMapper mapper;
    private final LessonService lessons;
    private final RestOfLesson rest;
    private final DayService days;
    private final RunRepository runs;
    private final RiderService riders;
    private final MachineService machines;
    private final CourseService courses;
    private final DrillService drills;
    private final Newsroom newsroom;
    private final Storage storage;
    private final JsonMapper json;
    private final Clock clock;

    RunningService(
            LiveLessonMapper mapper,
            LessonService lessons,
            RestOfLesson rest,
            DayService days,
            RunRepository runs,
            RiderService riders,
            MachineService machines,
            CourseService courses,
            DrillService drills,
            Newsroom newsroom,
            Storage storage,
            JsonMapper json,
            Clock clock) {
        this.mapper = mapper;
        this.lessons = lessons;
        this.rest = rest;
        this.days = days;
        this.runs = runs;
        this.riders = riders;
        this.machines = machines;
        this.courses = courses;
        this.drills = drills;
        this.newsroom = newsroom;
        this.storage = storage;
        this.json = json;
        this.clock = clock;
    }

    /** Where the lesson of a day is. */
    RunningResponse get(long dayId) {
        return storage.read(() -> {
            Day day = days.get(dayId);
            return response(day, find(dayId));
        });
    }

    /** Does something to it, and says where it is then. */
    RunningResponse act(long dayId, RunningAct act, LengthSystem system) {
        if (act.isOfRider() == (act.riderId() == null)) {
            throw RefusedException.of(
                    "whose-turn",
                    "riderId",
                    "Say which rider it is, where a rider skips, leaves or comes, and only there.");
        }
        // Planned before the writer is taken.
        List<Block> planned = act.act() == Act.BEGIN
                ? lessons.blocks(dayId, system)
                : act.act() == Act.PLAN_ANEW ? plannedAnew(dayId, act.step(), system) : List.of();
        return storage.write(() -> {
            Day day = days.get(dayId);
            Optional<RunningLesson> before = find(dayId);
            Optional<RunningLesson> after = act.act() == Act.BEGIN
                    ? Optional.of(before.orElseGet(() -> RunningLesson.begin(planned, Set.of(), clock.instant())))
                    : before.flatMap(lesson -> after(lesson, act, planned));
            if (!after.equals(before)) {
                after.ifPresentOrElse(
                        lesson -> mapper.put(dayId, json.writeValueAsString(RunningState.of(lesson))),
                        () -> mapper.archive(dayId));
                newsroom.tell(News.Topic.RUNS, dayId);
            }
            return response(day, after);
        });
    }

    private Optional<RunningLesson> after(RunningLesson lesson, RunningAct act, List<Block> planned) {
        if (act.step() != lesson.step()) {
            return Optional.of(lesson);
        }
        Instant now = clock.instant();
        String rider = String.valueOf(act.riderId());
        return switch (act.act()) {
            case BEGIN -> Optional.of(lesson);
            case ONWARD -> Optional.of(lesson.onward(now));
            case BACK -> Optional.of(lesson.back(now));
            case PAUSE -> Optional.of(lesson.pause(now));
            case GO_ON -> Optional.of(lesson.goOn(now));
            case PLAN_ANEW -> Optional.of(planned.isEmpty() ? lesson : lesson.planned(planned, now));
            case PASS -> Optional.of(lesson.pass(rider, now));
            case LEAVE -> Optional.of(lesson.withAway(rider, true));
            case COME -> Optional.of(lesson.withAway(rider, false));
            case PUT_AWAY -> Optional.empty();
        };
    }

    /** Of a lesson that is on at that step; nothing where it is not, for somebody else was first. */
    private List<Block> plannedAnew(long dayId, int step, LengthSystem system) {
        return storage.read(() -> find(dayId))
                .filter(lesson -> lesson.step() == step && !lesson.isOver())
                .map(lesson -> rest.plannedAnew(dayId, lesson, clock.instant(), system))
                .orElse(List.of());
    }

    /** The lesson of a day that was begun and not put away. */
    public Optional<RunningLesson> find(long dayId) {
        return mapper.find(dayId).map(this::read);
    }

    /** The lesson of a day as it was begun last, also after it was put away. */
    public Optional<RunningLesson> begun(long dayId) {
        return mapper.findBegun(dayId).map(this::read);
    }

    private RunningLesson read(String state) {
        return json.readValue(state, RunningState.class).lesson();
    }

    private RunningResponse response(Day day, Optional<RunningLesson> running) {
        Instant now = clock.instant();
        if (running.isEmpty()) {
            return new RunningResponse(
                    day.id().value(), Status.NOT_BEGUN, 0, 0, now, List.of(), List.of(), null, null, 0, List.of());
        }
        RunningLesson lesson = running.get();
        Words words = words(day, lesson);
        List<Ridden> ridden = runs.ofDay(day.id().value()).stream()
                .map(RunningService::ridden)
                .toList();
        return new RunningResponse(
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
                        .map(e -> new RunningRider(
                                Long.parseLong(e.getKey()),
                                e.getValue(),
                                lesson.away().contains(e.getKey())))
                        .sorted(Comparator.comparingLong(RunningRider::riderId))
                        .toList());
    }

    private static Status status(RunningLesson lesson) {
        if (lesson.isOver()) {
            return Status.OVER;
        }
        return lesson.pausedAt().isPresent() ? Status.PAUSED : Status.ON;
    }

    public static Ridden ridden(Run run) {
        return new Ridden(run.riderId().toString(), stationOf(run), run.drillId(), run.side(), run.at());
    }

    /** The station a run was ridden at: its course, or the open ground. */
    public static String stationOf(Run run) {
        return run.courseId().map(CourseId::toString).orElse(Station.OPEN);
    }

    /** What things are called, by the ids the running order knows them by. */
    private record Words(
            Map<String, String> names, Map<String, String> machines, Map<String, String> courses, Catalogue drills) {
        RunningBlock block(Block block, List<Up> turns) {
            Optional<String> course = block.station().filter(id -> !id.equals(Station.OPEN));
            return new RunningBlock(
                    block.sort(),
                    block.sort().label(),
                    block.minutes(),
                    block.station()
                            .map(id -> id.equals(Station.OPEN)
                                    ? "Open ground"
                                    : courses.getOrDefault(id, "A course no longer here"))
                            .orElse(null),
                    course.map(Long::valueOf).orElse(null),
                    turns.stream()
                            .filter(up -> up.done() < up.of())
                            .map(this::up)
                            .toList(),
                    turns.stream()
                            .filter(up -> up.done() >= up.of())
                            .map(this::up)
                            .toList());
        }

        private UpNext up(Up up) {
            Optional<Drill> drill = drills.find(up.task().drillId());
            return new UpNext(
                    Long.parseLong(up.rider()),
                    names.getOrDefault(up.rider(), ""),
                    machines.getOrDefault(up.rider(), ""),
                    up.task().drillId(),
                    up.task().drillName(),
                    drill.map(Drill::loggedBy).orElse(Drill.LoggedBy.RUN),
                    up.task().cue(),
                    up.side().orElse(null),
                    up.task().settingMetres().orElse(null),
                    up.task().longestMinutes(),
                    drill.flatMap(d -> d.riding().speed()).orElse(null),
                    drill.flatMap(d -> ScoreMark.of(d.pass())).orElse(null),
                    up.done(),
                    up.of());
        }
    }

    private Words words(Day day, RunningLesson lesson) {
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
        Map<String, String> stations =
                courses.all().stream().collect(Collectors.toMap(c -> String.valueOf(c.id()), NamedCourse::name));
        return new Words(names, ridden, stations, drills.catalogue());
    }

    private static Set<String> ridersOf(RunningLesson lesson) {
        Set<String> riders = new HashSet<>();
        lesson.blocks().forEach(b -> b.turns().forEach(t -> riders.add(t.rider())));
        return riders;
    }
}

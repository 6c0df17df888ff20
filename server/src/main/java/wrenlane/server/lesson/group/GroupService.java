package wrenlane.server.lesson.group;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.coaching.Aim;
import wrenlane.coaching.GroupSetting;
import wrenlane.course.NamedCourse;
import wrenlane.course.NestedCourse;
import wrenlane.day.Day;
import wrenlane.id.CourseId;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayService;
import wrenlane.server.lesson.group.GroupController.NextDayRequest;
import wrenlane.server.lesson.group.GroupResponse.GroupCourse;
import wrenlane.server.lesson.group.GroupResponse.GroupRider;
import wrenlane.server.people.aim.AimService;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.problem.BusyException;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.ChanceJson;
import wrenlane.server.progress.Participant;
import wrenlane.server.progress.RiderSizes;
import wrenlane.server.progress.RiderSizesService;
import wrenlane.units.LengthSystem;

/** A day's riders side by side, and the day after. */
@Service
class GroupService {
    private static final int PERCENT = 100;

    private final DayService days;
    private final CourseService courses;
    private final RiderSizesService sizesOfRiders;
    private final AimService aim;
    private final Storage storage;
    private final ComputeScheduler scheduler;

    GroupService(
            DayService days,
            CourseService courses,
            RiderSizesService sizesOfRiders,
            AimService aim,
            Storage storage,
            ComputeScheduler scheduler) {
        this.days = days;
        this.courses = courses;
        this.sizesOfRiders = sizesOfRiders;
        this.aim = aim;
        this.storage = storage;
        this.scheduler = scheduler;
    }

    /** A rider on a course, as read. */
    private record Pair(NamedCourse course, Participant participant) {}

    /** What is read of one state of the data. */
    private record GroupInput(Day day, List<NamedCourse> courses, List<Pair> pairs, Aim aim) {}

    private GroupInput read(Day day) {
        List<NamedCourse> set = courses.get(day.courseIds());
        List<Pair> pairs = new ArrayList<>();
        for (NamedCourse course : set) {
            sizesOfRiders
                    .participants(day, course.course().kind())
                    .forEach(participant -> pairs.add(new Pair(course, participant)));
        }
        return new GroupInput(day, set, pairs, aim.aim());
    }

    GroupResponse group(long dayId, LengthSystem system) {
        GroupInput read = storage.read(() -> read(days.get(dayId)));
        List<Optional<RiderSizes>> known = scheduler.parts(
                Priority.MANY,
                read.pairs().stream()
                        .map(p -> (Supplier<RiderSizes>) () -> sizesOfRiders.riderSizes(
                                p.participant(), p.course().course(), system))
                        .toList());
        return new GroupResponse(
                dayId,
                (int) Math.round(PERCENT * read.aim().chance()),
                read.courses().stream()
                        .map(course -> course(read, course, known, system))
                        .toList(),
                known.stream().anyMatch(Optional::isEmpty));
    }

    /** A rider with what is known of them on a course. */
    private record PairSizes(Pair pair, Optional<RiderSizes> riderSizes) {}

    private static GroupCourse course(
            GroupInput read, NamedCourse course, List<Optional<RiderSizes>> allSizes, LengthSystem system) {
        List<PairSizes> on = IntStream.range(0, allSizes.size())
                .filter(i -> read.pairs().get(i).course().equals(course))
                .mapToObj(i -> new PairSizes(read.pairs().get(i), allSizes.get(i)))
                .toList();
        Optional<Double> next = next(course, on, read.aim(), system);
        return new GroupCourse(
                course.id().value(),
                course.name(),
                course.course().kind().ladder().label(),
                read.day().nested(course).settingsMetres(),
                next.orElse(null),
                on.stream().map(known -> rider(known, next)).toList());
    }

    /** The setting at which they come nearest to what is aimed at, among those between the sizes that each works on. */
    private static Optional<Double> next(NamedCourse course, List<PairSizes> on, Aim aim, LengthSystem system) {
        List<Double> sizes = on.stream()
                .flatMap(known -> working(known.riderSizes()).stream())
                .toList();
        if (sizes.isEmpty()) {
            return Optional.empty();
        }
        double least = sizes.stream().min(Comparator.naturalOrder()).orElseThrow();
        double most = sizes.stream().max(Comparator.naturalOrder()).orElseThrow();
        List<Double> candidates = course.course().handy(system).between(least, most).stream()
                .filter(m -> NestedCourse.check(course.course(), List.of(m)).isEmpty())
                .toList();
        List<DoubleFunction<Optional<Double>>> chances = on.stream()
                .flatMap(known -> known.riderSizes().stream())
                .map(s -> (DoubleFunction<Optional<Double>>)
                        metres -> Optional.ofNullable(s.chanceAt(metres)).map(ChanceJson::chance))
                .toList();
        return GroupSetting.of(candidates, chances, aim).map(GroupSetting::settingMetres);
    }

    private static Optional<Double> working(Optional<RiderSizes> riderSizes) {
        return riderSizes.map(RiderSizes::working).map(w -> w.size().settingMetres());
    }

    private static GroupRider rider(PairSizes known, Optional<Double> next) {
        @Nullable RiderSizes riderSizes = known.riderSizes().orElse(null);
        return new GroupRider(
                known.pair().participant().rider().id().value(),
                known.pair().participant().rider().name(),
                known.pair().participant().machine().name(),
                riderSizes == null ? null : riderSizes.left(),
                riderSizes == null ? null : riderSizes.right(),
                riderSizes == null ? null : riderSizes.weakSide(),
                working(known.riderSizes()).orElse(null),
                riderSizes == null ? null : next.map(riderSizes::chanceAt).orElse(null));
    }

    /** Makes the day after, with its courses at the sizes proposed, and returns its id. */
    long next(long dayId, NextDayRequest request, LengthSystem system) {
        GroupResponse group = group(dayId, system);
        if (group.unfinished()) {
            throw new BusyException();
        }
        Map<CourseId, Double> sizes = new HashMap<>();
        for (GroupCourse course : group.courses()) {
            if (course.nextMetres() != null) {
                sizes.put(new CourseId(course.courseId()), course.nextMetres());
            }
        }
        return days.repeat(dayId, request.date(), request.title(), sizes);
    }
}

package wrenlane.server.exchange.days;

import static wrenlane.server.exchange.days.ItemReader.orNone;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import wrenlane.course.NestedCourse;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.finding.TypedText;
import wrenlane.lesson.Station;
import wrenlane.server.course.CourseRequest;
import wrenlane.server.day.DayRequest;
import wrenlane.server.day.DayRequest.DayPlacement;
import wrenlane.server.day.DayRequest.DayRider;
import wrenlane.server.day.DayRequest.DaySettings;
import wrenlane.server.day.DayService;
import wrenlane.server.exchange.days.ImportDocument.ActiveSizesItem;
import wrenlane.server.exchange.days.ImportDocument.DayItem;
import wrenlane.server.exchange.days.ImportDocument.GoalItem;
import wrenlane.server.exchange.days.ImportDocument.LessonItem;
import wrenlane.server.exchange.days.ImportDocument.VirtualRiderItem;
import wrenlane.server.exchange.days.PreparedDays.ReadyCourse;
import wrenlane.server.exchange.days.PreparedDays.ReadyDay;
import wrenlane.server.exchange.days.PreparedDays.ReadyItem;
import wrenlane.server.exchange.days.PreparedDays.ReadyMachine;
import wrenlane.server.exchange.days.PreparedDays.ReadyRider;
import wrenlane.server.ground.yard.YardRequest;
import wrenlane.server.lesson.LessonSettings;
import wrenlane.server.people.machine.MachineRequest;
import wrenlane.server.platform.problem.RefusedException;

/** Checks a file thing by thing without storing anything; what is wrong with one is written down, and the next is tried. */
final class Preparation {
    private final LocalDate today;
    private final List<Finding> problems = new ArrayList<>();
    private final Keys<Long> yards = new Keys<>("yard");
    private final Keys<Long> machines = new Keys<>("machine");
    private final Keys<Long> riders = new Keys<>("rider");
    private final Keys<Long> courses = new Keys<>("course");

    private Preparation(LocalDate today) {
        this.today = today;
    }

    /** The file, ready to be stored, or with what is wrong. */
    static PreparedDays of(ImportDocument file, LocalDate today) {
        return new Preparation(today).prepare(file);
    }

    private PreparedDays prepare(ImportDocument file) {
        if (file.kit() != null) {
            try {
                file.kit().check();
            } catch (RefusedException e) {
                e.findings().forEach(f -> problems.add(new Finding(f.code(), "/kit", f.message())));
            }
        }
        List<ReadyItem<YardRequest>> readyYards =
                each("yard", yards, file.yards(), y -> y.key(), y -> y.name(), y -> y.more(), y -> {
                    YardRequest request = ItemReader.yard(y);
                    request.yard();
                    return request;
                });
        List<ReadyItem<ReadyMachine>> readyMachines =
                each("machine", machines, file.machines(), m -> m.key(), m -> m.name(), m -> m.more(), m -> {
                    MachineRequest request = ItemReader.machine(m);
                    return new ReadyMachine(request, request.turn());
                });
        List<ReadyItem<ReadyRider>> readyRiders =
                each("rider", riders, file.riders(), r -> r.key(), r -> r.name(), r -> r.more(), r -> {
                    machines.getOrNull(r.machine());
                    orNone(r.shown()).forEach(shown -> machines.get(shown.machine()));
                    GoalItem goal = r.goal();
                    if (goal == null) {
                        return new ReadyRider(r, null);
                    }
                    machines.get(goal.machine());
                    return new ReadyRider(r, ItemReader.goal(goal, today));
                });
        List<ReadyItem<ReadyCourse>> readyCourses =
                each("course", courses, file.courses(), c -> c.key(), c -> c.name(), c -> c.more(), c -> {
                    CourseRequest request = ItemReader.course(c);
                    return new ReadyCourse(request, request.course());
                });
        List<ReadyItem<ReadyDay>> readyDays =
                each("day", new Keys<>("day"), file.days(), d -> "", d -> d.title(), d -> d.more(), d -> {
                    DayRequest draft = request(d, date(d), yards, courses, riders, machines);
                    DayService.check(draft);
                    checkWhatStands(d, readyCourses);
                    checkLesson(d, draft, riders, courses);
                    return new ReadyDay(d, draft);
                });
        Map<String, VirtualRiderItem> virtual = virtualRiders(file);
        int simulated = SimulatedRuns.count(readyDays, virtual, today);
        if (simulated > SimulatedRuns.MOST) {
            problems.add(new Finding(
                    "too-many-simulated-runs",
                    "/virtualRiders",
                    "The virtual riders of this file would make " + simulated + " runs; it may be up to "
                            + SimulatedRuns.MOST + ". Lower runsPerDay, or leave riders or days out."));
        }
        return new PreparedDays(
                file.kit(),
                readyYards,
                readyMachines,
                readyRiders,
                readyCourses,
                readyDays,
                virtual,
                simulated,
                List.copyOf(problems));
    }

    private <T, R> List<ReadyItem<R>> each(
            String sort,
            Keys<Long> keys,
            List<T> items,
            Function<T, String> key,
            Function<T, String> name,
            Function<T, @Nullable Map<String, JsonNode>> more,
            Function<T, R> check) {
        List<ReadyItem<R>> ready = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            T item = items.get(i);
            try {
                if (!TypedText.isVisible(name.apply(item))) {
                    throw RefusedException.of(
                            "name-not-visible", "name", "The name must have something in it to read.");
                }
                R thing = check.apply(item);
                if (!key.apply(item).isEmpty()) {
                    keys.put(key.apply(item), (long) i);
                }
                ready.add(new ReadyItem<>(key.apply(item), name.apply(item), thing, more.apply(item)));
            } catch (Keys.UnusableKeyException e) {
                // What it refers to was refused, and is told already.
                keys.refuse(key.apply(item));
            } catch (RefusedException e) {
                keys.refuse(key.apply(item));
                String where = "/" + sort + "s/" + i;
                e.findings()
                        .forEach(f -> problems.add(new Finding(
                                f.code(),
                                where,
                                Sentence.of(
                                        "%s, %s: %s", TypedText.quoted(name.apply(item)), f.where(), f.message()))));
            }
        }
        return ready;
    }

    private Map<String, VirtualRiderItem> virtualRiders(ImportDocument file) {
        Map<String, VirtualRiderItem> byRider = new LinkedHashMap<>();
        for (VirtualRiderItem v : orNone(file.virtualRiders())) {
            try {
                riders.get(v.rider());
                SimulatedRuns.check(v);
                byRider.put(v.rider(), v);
            } catch (Keys.UnusableKeyException e) {
                // The rider was refused, and is told already.
                continue;
            } catch (RefusedException e) {
                problems.addAll(e.findings());
            }
        }
        return byRider;
    }

    /** A day of a file with what its keys stand for. */
    static DayRequest request(
            DayItem d, LocalDate date, Keys<Long> yards, Keys<Long> courses, Keys<Long> riders, Keys<Long> machines) {
        return new DayRequest(
                date,
                d.title(),
                yards.getOrNull(d.yard()),
                d.courses().stream().map(courses::get).toList(),
                orNone(d.stands()).stream()
                        .map(s -> new DayPlacement(courses.get(s.course()), s.stand()))
                        .toList(),
                orNone(d.standsAt()).stream()
                        .map(s -> new DaySettings(courses.get(s.course()), s.metres()))
                        .toList(),
                d.riders().stream()
                        .map(r -> new DayRider(riders.get(r.rider()), machines.get(r.machine())))
                        .toList());
    }

    private static void checkLesson(DayItem d, DayRequest draft, Keys<Long> riders, Keys<Long> courses) {
        LessonItem item = d.lesson();
        if (item == null) {
            return;
        }
        LessonSettings lesson = lesson(item, riders, courses);
        Checks checks = new Checks();
        Set<Long> ridersOfDay = draft.riders().stream().map(DayRider::riderId).collect(Collectors.toSet());
        if (!ridersOfDay.containsAll(lesson.absent())) {
            checks.add("absent-not-on-day", "lesson.absent", "Somebody who is not there is not on the day at all.");
        }
        boolean onDay = lesson.wishes().stream()
                .map(LessonSettings.WishJson::station)
                .filter(station -> !station.equals(Station.OPEN))
                .allMatch(station -> draft.courseIds().contains(Long.valueOf(station)));
        if (!onDay) {
            checks.add("no-such-station", "lesson.wishes", "A course of the lesson is not on the day.");
        }
        RefusedException.unlessNone(checks);
    }

    /** A lesson of a file with what its keys stand for. */
    static LessonSettings lesson(LessonItem item, Keys<Long> riders, Keys<Long> courses) {
        return new LessonSettings(
                item.startsAt(),
                item.minutes(),
                item.areas(),
                item.helpers(),
                item.weather(),
                orNone(item.absent()).stream().map(riders::get).toList(),
                orNone(item.wishes()).stream()
                        .map(w -> new LessonSettings.WishJson(
                                w.course() == null ? Station.OPEN : String.valueOf(courses.get(w.course())),
                                w.minutes()))
                        .toList(),
                item.school());
    }

    private static void checkWhatStands(DayItem d, List<ReadyItem<ReadyCourse>> courses) {
        Checks checks = new Checks();
        for (ActiveSizesItem s : orNone(d.standsAt())) {
            courses.stream()
                    .filter(c -> c.key().equals(s.course()))
                    .forEach(c -> NestedCourse.check(c.thing().course(), s.metres())
                            .forEach(f -> checks.add(f.code(), "standsAt", f.message())));
        }
        RefusedException.unlessNone(checks);
    }

    private LocalDate date(DayItem d) {
        LocalDate date = d.date();
        Integer ago = d.daysAgo();
        if ((date == null) == (ago == null)) {
            throw RefusedException.of("day-date", d.title(), "Give a day either a date or daysAgo.");
        }
        return date != null ? date : today.minusDays(ago == null ? 0 : ago);
    }
}

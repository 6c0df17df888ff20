package wrenlane.server.lesson.debrief;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import wrenlane.coaching.Debrief;
import wrenlane.coaching.Homework;
import wrenlane.drill.Catalogue;
import wrenlane.id.CourseId;
import wrenlane.lesson.LessonReview;
import wrenlane.lesson.LessonReview.EndTimes;
import wrenlane.lesson.Station;
import wrenlane.run.Fault;
import wrenlane.run.Run;
import wrenlane.run.RunSort;
import wrenlane.server.lesson.debrief.DebriefResponse.DrillCount;
import wrenlane.server.lesson.debrief.DebriefResponse.Review;
import wrenlane.server.lesson.debrief.DebriefResponse.ReviewPart;
import wrenlane.server.lesson.debrief.DebriefResponse.RiderDebrief;
import wrenlane.server.lesson.live.LiveLessonService;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.DayProgress;
import wrenlane.server.progress.DayProgress.DayFacts;
import wrenlane.units.LengthSystem;

/** Tells riders of their day. */
@Service
public class DebriefService {
    private final DebriefReader reader;
    private final DayProgress progress;
    private final Storage storage;
    private final ComputeScheduler scheduler;

    DebriefService(DebriefReader reader, DayProgress progress, Storage storage, ComputeScheduler scheduler) {
        this.reader = reader;
        this.progress = progress;
        this.storage = storage;
        this.scheduler = scheduler;
    }

    /** The debrief of a day. Read of one state of the data, and computed after that. */
    public DebriefResponse get(long dayId, LengthSystem system) {
        DebriefReader.DebriefInput read = storage.read(() -> reader.read(dayId));
        List<Optional<RiderDebrief>> told = scheduler.parts(
                Priority.MANY,
                read.riders().stream()
                        .map(r -> (Supplier<RiderDebrief>) () ->
                                told(read, r, r.day().map(day -> progress.facts(day, system))))
                        .toList());
        List<Run> counted = read.runs().stream().filter(Run::isScored).toList();
        return new DebriefResponse(
                dayId,
                read.day().date(),
                read.day().title(),
                counted.size(),
                (int) counted.stream().filter(Run::isClean).count(),
                (int) read.runs().stream()
                        .filter(r -> r.faults().contains(Fault.DROP))
                        .count(),
                minutes(read.runs()),
                told.stream().flatMap(Optional::stream).toList(),
                review(read),
                told.stream().anyMatch(Optional::isEmpty));
    }

    private static long minutes(List<Run> oldestFirst) {
        if (oldestFirst.isEmpty()) {
            return 0;
        }
        Instant first = oldestFirst.get(0).at();
        Instant last = oldestFirst.get(oldestFirst.size() - 1).at();
        return Duration.between(first, last).toMinutes();
    }

    private static Review review(DebriefReader.DebriefInput read) {
        LessonReview review = LessonReview.of(
                read.begun(),
                read.over(),
                read.runs().stream().map(DebriefService::entry).toList());
        UnaryOperator<String> station = id -> id.equals(Station.OPEN)
                ? "Open ground"
                : read.courseNames().getOrDefault(new CourseId(Long.parseLong(id)), "a course no longer here");
        UnaryOperator<String> rider = id -> read.riderNames().getOrDefault(id, "somebody no longer here");
        return new Review(
                read.begun().isPresent(),
                read.over(),
                review.ends().map(EndTimes::plannedMinutes).orElse(null),
                review.ends().map(EndTimes::minutes).orElse(null),
                parts(review.stations(), station),
                parts(review.riders(), rider),
                review.changes(station, rider));
    }

    private static LessonReview.Entry entry(Run run) {
        boolean scored = run.isScored();
        return new LessonReview.Entry(
                run.riderId().toString(),
                LiveLessonService.stationOf(run),
                run.at(),
                scored,
                scored && run.isClean(),
                run.faults().contains(Fault.DROP));
    }

    private static List<ReviewPart> parts(List<LessonReview.Part> parts, UnaryOperator<String> named) {
        return parts.stream()
                .map(p ->
                        new ReviewPart(named.apply(p.id()), p.planned(), p.ridden(), p.scored(), p.clean(), p.drops()))
                .toList();
    }

    /** Drills a rider rode on no course, in the order they came first. */
    private static List<DrillCount> drills(List<Run> runs, long riderId) {
        Map<String, List<Run>> byDrill = new LinkedHashMap<>();
        runs.stream()
                .filter(r -> r.riderId().value() == riderId
                        && r.ride().isEmpty()
                        && r.detail().sort() != RunSort.BROKEN_OFF)
                .forEach(r -> byDrill.computeIfAbsent(
                                r.context().drill().orElseThrow().name(), name -> new ArrayList<>())
                        .add(r));
        return byDrill.entrySet().stream()
                .map(e -> count(e.getKey(), e.getValue()))
                .toList();
    }

    private static DrillCount count(String name, List<Run> of) {
        List<Double> minutes =
                of.stream().flatMap(r -> r.detail().minutes().stream()).toList();
        return new DrillCount(
                name,
                of.size(),
                (int) of.stream().filter(Run::isClean).count(),
                minutes.isEmpty() ? null : minutes.stream().mapToDouble(m -> m).sum());
    }

    private static RiderDebrief told(
            DebriefReader.DebriefInput all, DebriefReader.DebriefRider read, Optional<DayFacts> facts) {
        Debrief debrief = Debrief.of(facts.map(DayFacts::facts).orElse(Debrief.Facts.NOTHING));
        return new RiderDebrief(
                read.rider().id().value(),
                read.rider().name(),
                facts.flatMap(DayFacts::machineName).orElse(null),
                facts.map(DayFacts::kindLabel).orElse(null),
                facts.map(f -> f.facts().runs()).orElse(0),
                facts.map(f -> f.facts().clean()).orElse(0),
                debrief.better(),
                debrief.holdsBack(),
                debrief.next(),
                drills(all.runs(), read.rider().id().value()),
                facts.map(f -> homework(read, f, all.catalogue())).orElse(List.of()),
                read.own());
    }

    private static List<Homework> homework(DebriefReader.DebriefRider read, DayFacts facts, Catalogue catalogue) {
        return Homework.LENGTHS.stream()
                .flatMap(minutes -> facts
                        .transmission()
                        .flatMap(transmission -> Homework.of(
                                minutes,
                                catalogue,
                                transmission,
                                read.rider().level(),
                                facts.facts().heldBack(),
                                facts.facts().weakSide()))
                        .stream())
                .toList();
    }
}

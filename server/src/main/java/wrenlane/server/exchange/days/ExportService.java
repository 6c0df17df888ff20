package wrenlane.server.exchange.days;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.day.Day;
import wrenlane.id.CourseId;
import wrenlane.lesson.Station;
import wrenlane.rider.Rider;
import wrenlane.server.day.DayService;
import wrenlane.server.exchange.days.ImportDocument.ActiveSizesItem;
import wrenlane.server.exchange.days.ImportDocument.DayItem;
import wrenlane.server.exchange.days.ImportDocument.DayRiderItem;
import wrenlane.server.exchange.days.ImportDocument.LessonItem;
import wrenlane.server.exchange.days.ImportDocument.PlacementItem;
import wrenlane.server.exchange.days.ImportDocument.WishItem;
import wrenlane.server.ground.placement.PlacementJson;
import wrenlane.server.lesson.LessonSettings;
import wrenlane.server.lesson.LessonStore;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.storage.Storage;

/** Writes a course or a day, with all it refers to, as a file that {@link ImportService} brings in again. */
@Service
class ExportService {
    private final ItemWriter items;
    private final RiderService riders;
    private final DayService days;
    private final LessonStore lessons;
    private final UnknownFields kept;
    private final Storage storage;
    private final JsonMapper json;

    ExportService(
            ItemWriter items,
            RiderService riders,
            DayService days,
            LessonStore lessons,
            UnknownFields kept,
            Storage storage,
            JsonMapper json) {
        this.items = items;
        this.riders = riders;
        this.days = days;
        this.lessons = lessons;
        this.kept = kept;
        this.storage = storage;
        this.json = json;
    }

    /** A course alone. */
    String course(long id) {
        return written(storage.read(() -> documentOfCourse(id)));
    }

    private ImportDocument documentOfCourse(long id) {
        return new ImportDocument(
                ImportDocument.FORMAT,
                null,
                List.of(),
                List.of(),
                List.of(),
                List.of(items.courseItem("course-1", id)),
                List.of(),
                null);
    }

    /** A day with its yard, courses, riders and machines; runs are not part of it. */
    String day(long id) {
        return written(storage.read(() -> documentOfDay(id)));
    }

    private ImportDocument documentOfDay(long id) {
        Day day = days.get(id);
        Set<Long> machineIds = new LinkedHashSet<>();
        List<Rider> all = day.riderIds().stream().map(riders::get).toList();
        day.machineIds().forEach(machine -> machineIds.add(machine.value()));
        all.forEach(r -> machineIds.addAll(items.machinesOf(r)));
        ItemKeys machineKeys = ItemKeys.of("machine", machineIds);
        ItemKeys riderKeys =
                ItemKeys.of("rider", all.stream().map(r -> r.id().value()).toList());
        ItemKeys courseKeys = ItemKeys.of(
                "course", day.courseIds().stream().map(CourseId::value).toList());
        return new ImportDocument(
                ImportDocument.FORMAT,
                null,
                day.yardId().map(yard -> items.yardItem("yard-1", yard)).stream()
                        .toList(),
                machineKeys.each(items::machineItem),
                riderKeys.each((key, riderId) -> items.riderItem(key, riders.get(riderId), machineKeys)),
                courseKeys.each(items::courseItem),
                List.of(new DayItem(
                        day.date(),
                        null,
                        day.title(),
                        day.yardId().map(yard -> "yard-1").orElse(null),
                        day.courseIds().stream()
                                .map(c -> courseKeys.of(c.value()))
                                .toList(),
                        day.placements().entrySet().stream()
                                .map(p -> new PlacementItem(
                                        courseKeys.of(p.getKey().value()), PlacementJson.of(p.getValue())))
                                .toList(),
                        ItemWriter.orMissing(day.courses().stream()
                                .filter(c -> !c.activeSizesMetres().isEmpty())
                                .map(c -> new ActiveSizesItem(
                                        courseKeys.of(c.courseId().value()), c.activeSizesMetres()))
                                .toList()),
                        day.riders().stream()
                                .map(r -> new DayRiderItem(
                                        riderKeys.of(r.riderId().value()),
                                        machineKeys.of(r.machineId().value())))
                                .toList(),
                        lessons.settings(id)
                                .map(said -> lessonItem(day, said, riderKeys, courseKeys))
                                .orElse(null),
                        kept.of("day", id))),
                null);
    }

    /** What is no longer on the day is left out. */
    private static LessonItem lessonItem(Day day, LessonSettings said, ItemKeys riderKeys, ItemKeys courseKeys) {
        Set<String> there =
                day.courseIds().stream().map(String::valueOf).collect(Collectors.toCollection(HashSet::new));
        there.add(Station.OPEN);
        return new LessonItem(
                said.startsAt(),
                said.minutes(),
                said.areas(),
                said.helpers(),
                said.weather(),
                said.absent().stream().filter(riderKeys::has).map(riderKeys::of).toList(),
                said.wishes().stream()
                        .filter(w -> there.contains(w.station()))
                        .map(w -> new WishItem(
                                w.station().equals(Station.OPEN) ? null : courseKeys.of(Long.valueOf(w.station())),
                                w.minutes()))
                        .toList(),
                said.school());
    }

    private String written(ImportDocument document) {
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(document);
    }
}

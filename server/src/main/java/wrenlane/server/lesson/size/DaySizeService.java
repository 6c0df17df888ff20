package wrenlane.server.lesson.size;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.coaching.MarkerChoice;
import wrenlane.coaching.MarkerChoice.OwnedMarker;
import wrenlane.coaching.SizeChoice;
import wrenlane.coaching.SizeChoice.Range;
import wrenlane.coaching.SizeChoice.RiderSize;
import wrenlane.coaching.advice.CoachingSettings;
import wrenlane.course.Course;
import wrenlane.course.NamedCourse;
import wrenlane.course.NestedCourse;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.MarkerCount;
import wrenlane.day.Day;
import wrenlane.finding.Finding;
import wrenlane.id.CourseId;
import wrenlane.machine.Side;
import wrenlane.rider.Rider;
import wrenlane.server.course.CourseService;
import wrenlane.server.course.kit.KitMarkerJson;
import wrenlane.server.course.kit.KitResponse;
import wrenlane.server.course.kit.KitService;
import wrenlane.server.course.kit.MarkerJson;
import wrenlane.server.day.DayService;
import wrenlane.server.lesson.size.DaySizeResponse.SettingJson;
import wrenlane.server.lesson.size.DaySizeResponse.SettingsChoice;
import wrenlane.server.lesson.size.DaySizeResponse.SizeMarkerJson;
import wrenlane.server.lesson.size.DaySizeResponse.SizeRider;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.calculation.StateCache;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.ChanceJson;
import wrenlane.server.progress.Participant;
import wrenlane.server.progress.RiderSizes;
import wrenlane.server.progress.RiderSizesService;
import wrenlane.units.LengthSystem;
import wrenlane.yard.PlacedGround;
import wrenlane.yard.SharedCones;

/** What a course of a day stands at, who rides which of it, and which settings would serve most. */
@Service
public class DaySizeService {
    /** Memory for what courses stand at, in bytes. */
    private static final long MOST_BYTES = 1_000_000;

    /** One answer, in bytes: an estimate for a dozen riders. */
    private static final int ANSWER_BYTES = 10_000;

    private final DayService days;
    private final CourseService courses;
    private final RiderSizesService sizesOfRiders;
    private final KitService kit;
    private final Storage storage;
    private final ComputeScheduler scheduler;
    private final StateCache<SizeQuestion, DaySizeResponse> kept;

    DaySizeService(
            DayService days,
            CourseService courses,
            RiderSizesService sizesOfRiders,
            KitService kit,
            Storage storage,
            ComputeScheduler scheduler) {
        this.days = days;
        this.courses = courses;
        this.sizesOfRiders = sizesOfRiders;
        this.kit = kit;
        this.storage = storage;
        this.scheduler = scheduler;
        this.kept = new StateCache<>(storage::state, MOST_BYTES, of -> ANSWER_BYTES, of -> !of.unfinished());
    }

    private record SizeQuestion(
            long dayId, long courseId, @Nullable List<Double> at, LengthSystem system) {}

    /** Cones of a day's courses that are another's, too, where they stand. */
    List<SharedConeName> also(long dayId) {
        Map<CourseId, PlacedGround> riderSizes = storage.read(() -> {
            Day day = days.get(dayId);
            return day.standing(courses.get(day.courseIds()));
        });
        List<PlacedGround> all = List.copyOf(riderSizes.values());
        List<SharedConeName> found = new ArrayList<>();
        riderSizes.forEach((id, course) -> SharedCones.also(course, all)
                .forEach((label, also) -> found.add(new SharedConeName(id.value(), label, also))));
        return found;
    }

    /** What is read of one state of the data. */
    private record SizeInput(Day day, NamedCourse course, List<Participant> riders) {}

    /**
     * What stands, and what would serve most.
     *
     * @param at settings to ask about instead of those that stand; nothing is stored
     */
    DaySizeResponse riderSizes(long dayId, long courseId, @Nullable List<Double> at, LengthSystem system) {
        return kept.get(new SizeQuestion(dayId, courseId, at, system), () -> computed(dayId, courseId, at, system));
    }

    private DaySizeResponse computed(long dayId, long courseId, @Nullable List<Double> at, LengthSystem system) {
        SizeInput read = storage.read(() -> read(days.get(dayId), courses.get(courseId)));
        List<OwnedMarker> owned =
                storage.read(() -> owned(read.day(), read.course().id()));
        Course course = read.course().course();
        List<Double> asked = at == null ? read.day().activeSizes(read.course().id()) : at;
        List<Finding> findings = NestedCourse.check(course, asked);
        NestedCourse nested = NestedCourse.asFarAsItCan(course, asked);
        List<Optional<RiderSizes>> allSizes = scheduler.parts(
                Priority.MANY,
                read.riders().stream()
                        .map(r -> (Supplier<RiderSizes>) () -> riderSizes(read, r, system))
                        .toList());
        List<Optional<Range>> ranges = ranges(read, allSizes);
        List<Range> known = ranges.stream().flatMap(Optional::stream).toList();
        return new DaySizeResponse(
                courseId,
                course.kind().nests(),
                course.kind().ladder().label(),
                new SettingsChoice(
                        settings(nested), on(read, allSizes, ranges, SizeChoice.at(known, nested.settingsMetres()))),
                course.kind().isStraight() ? null : proposal(read, course, allSizes, ranges, known, system),
                SizeMarkerJson.of(MarkerChoice.asChosen(nested, owned)),
                SizeMarkerJson.of(MarkerChoice.best(nested, owned)),
                findings,
                allSizes.stream().anyMatch(Optional::isEmpty));
    }

    /**
     * What a rider rides of what a course stands at.
     *
     * @param settingMetres missing where none suits
     * @param weakSide to begin on; missing where both are level, or not known
     * @param chance of a clean run there, to the side where it is less; missing where nothing is known of it
     */
    public record Rides(Optional<Double> settingMetres, Optional<Side> weakSide, Optional<ChanceJson> chance) {}

    /**
     * What each rider rides of what some courses stand at: by course, then by rider. Whoever is missing is computed in the
     * background.
     */
    public Map<Long, Map<Long, Rides>> rides(Day day, List<NamedCourse> of, LengthSystem system) {
        List<SizeInput> read =
                storage.read(() -> of.stream().map(c -> read(day, c)).toList());
        Map<Long, Map<Long, Rides>> rides = new LinkedHashMap<>();
        for (SizeInput r : read) {
            List<Double> settings = day.nested(r.course()).settingsMetres();
            Map<Long, Rides> onIt = new LinkedHashMap<>();
            for (Participant rider : r.riders()) {
                sizesOfRiders
                        .sizesIfKnown(rider, r.course().course(), system)
                        .ifPresent(s -> onIt.put(rider.rider().id().value(), rides(rider.rider(), s, settings)));
            }
            rides.put(r.course().id().value(), onIt);
        }
        return rides;
    }

    /** What a rider who stands there rides of some settings. */
    public static Rides rides(Rider rider, RiderSizes riderSizes, List<Double> settings) {
        Optional<Double> setting = range(rider, riderSizes)
                .flatMap(range ->
                        SizeChoice.at(List.of(range), settings).riders().get(0).settingMetres());
        return new Rides(
                setting,
                Optional.ofNullable(riderSizes.weakSide()),
                setting.flatMap(metres -> Optional.ofNullable(riderSizes.chanceAt(metres))));
    }

    private RiderSizes riderSizes(SizeInput read, Participant r, LengthSystem system) {
        return sizesOfRiders.riderSizes(r, read.course().course(), system);
    }

    private SizeInput read(Day day, NamedCourse course) {
        return new SizeInput(
                day, course, sizesOfRiders.participants(day, course.course().kind()));
    }

    /** The flat markers there are, less what the day's other courses stand in at the same time. */
    private List<OwnedMarker> owned(Day day, CourseId courseId) {
        Map<String, Integer> taken =
                byName(SharedCones.markers(List.copyOf(day.standing(day.placements().keySet().stream()
                                .filter(id -> !id.equals(courseId))
                                .map(courses::get)
                                .toList())
                        .values())));
        KitResponse has = kit.get();
        Map<String, Integer> counted = has.ownedByName();
        return Stream.concat(Stream.of(has.usualFlat()), has.markers().stream().map(KitMarkerJson::marker))
                .map(MarkerJson::marker)
                .filter(marker -> marker.sort() == ConeSort.FLAT)
                .map(marker -> new OwnedMarker(
                        marker,
                        Optional.ofNullable(counted.get(marker.name()))
                                .map(n -> Math.max(0, n - taken.getOrDefault(marker.name(), 0)))))
                .toList();
    }

    private static Map<String, Integer> byName(List<MarkerCount> counts) {
        return counts.stream().collect(Collectors.toMap(c -> c.marker().name(), MarkerCount::count));
    }

    /** What suits each rider; empty where their machine has no size here, or time ran out. */
    private static List<Optional<Range>> ranges(SizeInput read, List<Optional<RiderSizes>> allSizes) {
        return IntStream.range(0, allSizes.size())
                .mapToObj(i ->
                        allSizes.get(i).flatMap(s -> range(read.riders().get(i).rider(), s)))
                .toList();
    }

    /** What suits a rider who stands there. */
    public static Optional<Range> range(Rider rider, RiderSizes riderSizes) {
        return Optional.ofNullable(riderSizes.size())
                .map(size -> Range.of(
                        String.valueOf(rider.id()), riderSizes.ladder(), size, CoachingSettings.USUAL.easier()));
    }

    private static List<SettingJson> settings(NestedCourse nested) {
        List<Double> metres = nested.settingsMetres();
        List<Set<String>> letters =
                nested.plan().cones().stream().map(nested::lettersOf).toList();
        return IntStream.range(0, metres.size())
                .mapToObj(i -> new SettingJson(
                        NestedCourse.letter(i),
                        metres.get(i),
                        Collections.frequency(letters, Set.of(NestedCourse.letter(i)))))
                .toList();
    }

    private static List<SizeRider> on(
            SizeInput read, List<Optional<RiderSizes>> allSizes, List<Optional<Range>> ranges, SizeChoice choice) {
        boolean straight = read.course().course().kind().isStraight();
        List<SizeRider> on = new ArrayList<>();
        for (int i = 0; i < read.riders().size(); i++) {
            int at = i;
            Participant r = read.riders().get(i);
            Optional<Range> range = ranges.get(i);
            Optional<RiderSize> served = choice.riders().stream()
                    .filter(s -> s.rider().equals(String.valueOf(r.rider().id())))
                    .findFirst();
            on.add(new SizeRider(
                    r.rider().id().value(),
                    r.rider().name(),
                    r.machine().name(),
                    straight ? null : range.map(Range::beginMetres).orElse(null),
                    served.flatMap(RiderSize::settingMetres).orElse(null),
                    served.map(RiderSize::offMetres).orElse(null),
                    served.flatMap(RiderSize::settingMetres)
                            .flatMap(metres -> allSizes.get(at).map(s -> s.chanceAt(metres)))
                            .orElse(null)));
        }
        return on;
    }

    private static @Nullable SettingsChoice proposal(
            SizeInput read,
            Course course,
            List<Optional<RiderSizes>> allSizes,
            List<Optional<Range>> ranges,
            List<Range> known,
            LengthSystem system) {
        int most = course.kind().nests() ? NestedCourse.MOST : 1;
        while (most > 0) {
            Optional<SizeChoice> choice = SizeChoice.best(known, candidates(course, known, system), most);
            if (choice.isEmpty()) {
                return null;
            }
            if (NestedCourse.check(course, choice.get().settingsMetres()).isEmpty()) {
                NestedCourse nested = NestedCourse.of(course, choice.get().settingsMetres());
                return new SettingsChoice(settings(nested), on(read, allSizes, ranges, choice.get()));
            }
            // Where tall cones would stand in the way, one setting less may do.
            most--;
        }
        return null;
    }

    private static List<Double> candidates(Course course, List<Range> known, LengthSystem system) {
        double least = known.stream().mapToDouble(Range::tightestMetres).min().orElse(0);
        double most = known.stream().mapToDouble(Range::widestMetres).max().orElse(0);
        return course.handy(system).between(least, most).stream()
                .filter(m -> NestedCourse.check(course, List.of(m)).isEmpty())
                .toList();
    }
}

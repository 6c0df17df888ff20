package wrenlane.server.course.kit;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.course.NestedCourse;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.Marker;
import wrenlane.course.plan.Markers;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;

/** The kit as stored. */
@Service
public class KitService {
    private final KitMapper mapper;
    private final Storage storage;

    KitService(KitMapper mapper, Storage storage) {
        this.mapper = mapper;
        this.storage = storage;
    }

    public KitResponse get() {
        return storage.read(() -> {
            Map<ConeSort, Integer> owned = new EnumMap<>(ConeSort.class);
            mapper.all().forEach(row -> owned.put(ConeSort.valueOf(row.sort()), row.owned()));
            return new KitResponse(
                    mapper.version(),
                    owned,
                    mapper.markers().stream().map(MarkerRow::json).toList(),
                    MarkerJson.of(Markers.STANDARD.flat()));
        });
    }

    KitResponse put(ExpectedVersion expected, KitJson kit) {
        List<KitMarkerJson> markers = kit.markers();
        kit.check();
        return storage.write(() -> {
            expected.check(mapper.version(), this::get, kit);
            if (markers != null) {
                takeAwayAllBut(markers);
                // First out of each other's way: two may have changed names.
                markers.stream().flatMap(m -> Stream.ofNullable(m.id())).forEach(mapper::setNameAside);
                markers.forEach(m -> store(m.id(), m));
            }
            return count(kit);
        });
    }

    /**
     * Counts it anew, whatever was counted before, as a file says that is brought in. A marker of a name that is known
     * becomes as the file has it; others stay.
     */
    public KitResponse bringIn(KitJson kit) {
        List<KitMarkerJson> markers = Objects.requireNonNullElse(kit.markers(), List.of());
        kit.check();
        return storage.write(() -> {
            markers.forEach(
                    m -> store(mapper.markerNamed(m.marker().marker().name()).orElse(null), m));
            return count(kit);
        });
    }

    private KitResponse count(KitJson kit) {
        mapper.countUp();
        mapper.clear();
        kit.conesOwned().forEach((sort, owned) -> mapper.insert(new KitRow(sort.name(), owned)));
        return get();
    }

    private void store(@Nullable Long id, KitMarkerJson m) {
        MarkerRow row = MarkerRow.of(id, m.marker().marker(), m.owned());
        // One that somebody else took away meanwhile comes back.
        if (id == null || mapper.updateMarker(row) == 0) {
            mapper.insertMarker(row);
        }
    }

    private void takeAwayAllBut(List<KitMarkerJson> wanted) {
        Checks checks = new Checks();
        for (MarkerRow stored : mapper.markers()) {
            long id = Objects.requireNonNull(stored.id());
            if (wanted.stream().anyMatch(m -> Objects.equals(m.id(), id))) {
                continue;
            }
            List<String> standing = mapper.standingIn(id);
            if (standing.isEmpty()) {
                mapper.forget(id);
                mapper.deleteMarker(id);
            } else {
                checks.add(
                        "marker-in-use",
                        "markers",
                        "The " + stored.name() + " is what " + String.join(", ", standing)
                                + " is set up in: choose another there first.");
            }
        }
        RefusedException.unlessNone(checks);
    }

    /** What a course stands in that is not usual: one of a sort, also where another has come to be of that sort since. */
    public List<MarkerJson> ofCourse(long courseId) {
        Map<ConeSort, MarkerJson> standing = new EnumMap<>(ConeSort.class);
        mapper.ofCourse(courseId, 0, 0)
                .forEach(row -> standing.putIfAbsent(row.marker().sort(), row.marker()));
        return List.copyOf(standing.values());
    }

    /** What lies at settings within the widest; nothing where one has come to be to keep off since. */
    public List<MarkerJson> within(long courseId) {
        List<MarkerJson> within = mapper.ofCourse(courseId, 1, NestedCourse.MOST).stream()
                .map(row -> row.isUsual() ? MarkerJson.of(Markers.STANDARD.flat()) : row.marker())
                .toList();
        return within.stream().allMatch(m -> m.sort() == ConeSort.FLAT) ? within : List.of();
    }

    /**
     * Stores the markers of a course, each by its name. One the kit does not know joins it, not counted.
     *
     * @throws RefusedException where the kit has another marker of the same name: nobody but the instructor can say which of
     *     the two is meant
     */
    public void putOfCourse(long courseId, List<MarkerJson> markers, List<MarkerJson> within) {
        RefusedException.unlessNone(
                new Checks().addAll(clashes(Stream.concat(markers.stream(), within.stream()), null)));
        mapper.clearCourse(courseId);
        markers.stream()
                .map(MarkerJson::marker)
                .filter(marker -> !isUsual(marker))
                .forEach(marker -> mapper.insertCourse(courseId, numberOf(marker), 0));
        for (int i = 0; i < within.size(); i++) {
            Marker marker = within.get(i).marker();
            mapper.insertCourse(courseId, isUsual(marker) ? null : numberOf(marker), i + 1);
        }
    }

    /**
     * The markers of courses whose name the kit has for another marker, each in a sentence with both sizes.
     *
     * @param counted a kit that comes in before the courses do; its markers take the place of those of their names
     */
    public List<Finding> clashes(Stream<MarkerJson> ofCourses, @Nullable KitJson counted) {
        Map<String, Marker> kit = new HashMap<>();
        mapper.markers().forEach(row -> kit.put(key(row.name()), row.marker().marker()));
        if (counted != null) {
            Objects.requireNonNullElse(counted.markers(), List.<KitMarkerJson>of())
                    .forEach(m -> kit.put(key(m.marker().name()), m.marker().marker()));
        }
        return ofCourses
                .map(MarkerJson::marker)
                .distinct()
                .filter(marker -> !isUsual(marker))
                .flatMap(marker -> Stream.ofNullable(kit.get(key(marker.name())))
                        .filter(known -> !known.isSameSize(marker))
                        .map(known -> known.clash(marker)))
                .toList();
    }

    private static String key(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    private static boolean isUsual(Marker marker) {
        return marker.equals(Markers.STANDARD.of(marker.sort()));
    }

    private Long numberOf(Marker marker) {
        return mapper.markerNamed(marker.name()).orElseGet(() -> {
            mapper.countUp();
            return mapper.insertMarker(MarkerRow.of(null, marker, null));
        });
    }
}

package wrenlane.server.lesson.drill;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.drill.Catalogue;
import wrenlane.drill.Drill;
import wrenlane.finding.Checks;
import wrenlane.server.lesson.drill.StoredDrill.Origin;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.server.platform.problem.NotFoundException;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.run.DrillLookup;

/** The catalogue as it holds here: the shipped drills with what was changed, and those that were made here. */
@Service
public class DrillService implements DrillLookup {
    private final DrillMapper mapper;
    private final ShippedDrills shipped;
    private final Storage storage;

    DrillService(DrillMapper mapper, ShippedDrills shipped, Storage storage) {
        this.mapper = mapper;
        this.shipped = shipped;
        this.storage = storage;
    }

    @Override
    public Optional<Drill> drill(String id) {
        return stored(id).map(StoredDrill::drill);
    }

    @Override
    public Set<String> drillIds() {
        return catalogue().drills().stream().map(Drill::id).collect(Collectors.toUnmodifiableSet());
    }

    /** Every drill, those left out among them. */
    List<StoredDrill> all() {
        Map<String, DrillRow> rows = new LinkedHashMap<>();
        mapper.all().forEach(row -> rows.put(row.id(), row));
        Set<String> ids = new LinkedHashSet<>();
        shipped.all().forEach(d -> ids.add(d.id()));
        ids.addAll(rows.keySet());
        long least = storage.leastVersion();
        return ids.stream()
                .map(id -> stored(id, rows.get(id), least))
                .flatMap(Optional::stream)
                .sorted((a, b) -> a.drill().stage().compareTo(b.drill().stage()))
                .toList();
    }

    StoredDrill get(String id) {
        return stored(id).orElseThrow(() -> new NotFoundException("drill", id));
    }

    private Optional<StoredDrill> stored(String id) {
        return stored(id, mapper.find(id).orElse(null), storage.leastVersion());
    }

    /** @param least version of a drill that was never changed */
    private Optional<StoredDrill> stored(String id, @Nullable DrillRow row, long least) {
        Optional<Drill> came = shipped.find(id);
        String document = row == null ? null : row.document();
        Optional<Drill> holds =
                document == null ? came : Optional.of(read(document).get(0));
        Origin origin = came.isEmpty() ? Origin.OWN : document == null ? Origin.SHIPPED : Origin.CHANGED;
        return holds.map(
                d -> new StoredDrill(d, origin, row != null && row.hidden(), row == null ? least : row.version()));
    }

    private List<Drill> read(String document) {
        return shipped.reader().read(document).drills();
    }

    private String written(List<Drill> drills) {
        return shipped.reader().written(DrillDocument.of(drills));
    }

    /** The catalogue to teach from. */
    public Catalogue catalogue() {
        List<StoredDrill> all = all();
        Set<String> hidden = new TreeSet<>();
        all.stream()
                .filter(StoredDrill::hidden)
                .forEach(d -> hidden.add(d.drill().id()));
        return new Catalogue(all.stream().map(StoredDrill::drill).toList(), hidden);
    }

    /** Stores a drill under an id: a change of one that is there, or one of the school's own. */
    StoredDrill put(String id, ExpectedVersion expected, Drill drill) {
        Drill checked = shipped.reader()
                .checked(DrillDocument.of(List.of(drill)))
                .drills()
                .get(0);
        if (!checked.id().equals(id)) {
            throw RefusedException.of("drill-id", "id", "The drill says another id than its address.");
        }
        return storage.write(() -> {
            Optional<StoredDrill> there = stored(id);
            expected.check(there.map(StoredDrill::version).orElse(0L), () -> get(id), drill);
            store(List.of(checked));
            return get(id);
        });
    }

    /** Brings drills in from a file: all of them, or none. One whose id is there takes its place. */
    List<StoredDrill> bringIn(String file) {
        List<Drill> drills = read(file);
        return storage.write(() -> {
            store(drills);
            return drills.stream().map(d -> get(d.id())).toList();
        });
    }

    private void store(List<Drill> drills) {
        Map<String, Drill> together = new LinkedHashMap<>();
        all().forEach(d -> together.put(d.drill().id(), d.drill()));
        drills.forEach(d -> together.put(d.id(), d));
        refuseUnless(together.values().stream().toList());
        for (Drill drill : drills) {
            Optional<DrillRow> row = mapper.find(drill.id());
            mapper.put(new DrillRow(
                    drill.id(),
                    row.map(DrillRow::version).orElseGet(storage::leastVersion) + 1,
                    written(List.of(drill)),
                    row.map(DrillRow::hidden).orElse(false)));
        }
    }

    private static void refuseUnless(List<Drill> drills) {
        Set<String> kinds = new TreeSet<>();
        CourseKinds.all().stream().map(CourseKind::id).forEach(kinds::add);
        RefusedException.unlessNone(new Checks().addAll(new Catalogue(drills).check(kinds)));
    }

    /** Leaves a drill out wherever drills are chosen, or no longer. */
    StoredDrill hide(String id, ExpectedVersion expected, boolean hidden) {
        return storage.write(() -> {
            StoredDrill there = get(id);
            expected.check(there.version(), () -> there, hidden);
            String document = mapper.find(id).map(DrillRow::document).orElse(null);
            mapper.put(new DrillRow(id, there.version() + 1, document, hidden));
            return get(id);
        });
    }

    /** Takes a drill of one's own away, or what was changed about a shipped one. */
    void restore(String id, ExpectedVersion expected) {
        storage.change(() -> {
            StoredDrill there = get(id);
            expected.check(there.version(), () -> there);
            if (there.origin() == Origin.OWN) {
                List<Drill> left = new ArrayList<>();
                all().stream()
                        .map(StoredDrill::drill)
                        .filter(d -> !d.id().equals(id))
                        .forEach(left::add);
                refuseUnless(left);
                mapper.delete(id);
            } else {
                mapper.put(new DrillRow(id, there.version() + 1, null, false));
            }
        });
    }

    /** Drills as a file. */
    String file(@Nullable String id) {
        return written(
                id == null
                        ? all().stream().map(StoredDrill::drill).toList()
                        : List.of(Objects.requireNonNull(get(id)).drill()));
    }
}

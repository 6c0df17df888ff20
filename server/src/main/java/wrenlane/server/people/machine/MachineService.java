package wrenlane.server.people.machine;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.finding.TypedText;
import wrenlane.id.MachineId;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.NamedMachine;
import wrenlane.machine.Transmission;
import wrenlane.server.platform.calculation.BoundedCache;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.server.platform.problem.NotFoundException;
import wrenlane.server.platform.reference.Uses;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.platform.version.Stamp;
import wrenlane.server.platform.version.Stamps;

/** Machines as stored. */
@Service
public class MachineService {
    private static final Comparator<FigureJson> BY_DIMENSION = Comparator.comparing(FigureJson::dimension);

    /** Memory for machines that were read, in bytes. */
    private static final long MOST_BYTES = 2_000_000;

    /** One of them, in bytes, about. */
    private static final int MACHINE_BYTES = 4_000;

    private final BoundedCache<Stamp, StoredMachine> kept = BoundedCache.within(MOST_BYTES, stamped -> MACHINE_BYTES);
    private final MachineMapper mapper;
    private final Stamps stamps;
    private final Uses uses;
    private final Storage storage;

    MachineService(MachineMapper mapper, Stamps stamps, Uses uses, Storage storage) {
        this.mapper = mapper;
        this.stamps = stamps;
        this.uses = uses;
        this.storage = storage;
    }

    /** Every machine, by name. */
    public List<NamedMachine> all() {
        return everyOne().stream().map(StoredMachine::named).toList();
    }

    List<MachineResponse> responses() {
        return everyOne().stream().map(MachineService::response).toList();
    }

    private List<StoredMachine> everyOne() {
        return storage.read(() -> {
            List<Long> ids = mapper.ids();
            Map<Long, StoredMachine> found = stored(ids);
            return ids.stream().map(id -> present(found.get(id), id)).toList();
        });
    }

    public NamedMachine get(long id) {
        return one(id).named();
    }

    public NamedMachine get(MachineId id) {
        return get(id.value());
    }

    MachineResponse response(long id) {
        return response(one(id));
    }

    /** A machine as a person would type it again. */
    public MachineRequest typed(long id) {
        return one(id).typed();
    }

    /** A machine for the core to compute with. */
    public MachineTurn turn(long id) {
        return get(id).turn();
    }

    /** Several machines for the core to compute with, by their ids. */
    public Map<Long, MachineTurn> turns(Collection<Long> ids) {
        Map<Long, StoredMachine> found = storage.read(() -> stored(ids));
        return ids.stream()
                .distinct()
                .collect(Collectors.toMap(
                        id -> id, id -> present(found.get(id), id).named().turn()));
    }

    /**
     * Sees to it that there is one.
     *
     * @throws NotFoundException where there is none
     */
    public void require(long id) {
        if (!isThere(id)) {
            throw new NotFoundException("machine", id);
        }
    }

    /** Whether there is one. */
    public boolean isThere(long id) {
        return !stamps.of(Stamps.Aggregate.MACHINE, List.of(id)).isEmpty();
    }

    /** Several machines, by their ids. */
    public Map<MachineId, NamedMachine> get(Collection<MachineId> ids) {
        List<Long> apart = ids.stream().map(MachineId::value).distinct().toList();
        Map<Long, StoredMachine> found = storage.read(() -> stored(apart));
        return apart.stream()
                .map(id -> present(found.get(id), id).named())
                .collect(Collectors.toMap(NamedMachine::id, machine -> machine));
    }

    MachineResponse create(MachineRequest request) {
        return response(insert(request, request.turn()));
    }

    /** Stores one that was checked before, and gives its number. */
    public long insert(MachineRequest checked, MachineTurn turn) {
        return storage.write(() -> {
            long id = mapper.insert(row(null, checked));
            writeParts(id, checked, turn);
            return id;
        });
    }

    MachineResponse update(long id, ExpectedVersion expected, MachineRequest request) {
        MachineTurn turn = request.turn();
        storage.change(() -> {
            StoredMachine stored = one(id);
            expected.check(stored.version(), () -> response(stored), request);
            mapper.update(row(id, request));
            writeParts(id, request, turn);
        });
        return response(id);
    }

    void delete(long id, ExpectedVersion expected) {
        storage.change(() -> {
            StoredMachine stored = one(id);
            expected.check(stored.version(), () -> response(stored));
            uses.noneOfMachine(id);
            mapper.delete(id);
        });
    }

    private void writeParts(long id, MachineRequest request, MachineTurn turn) {
        mapper.clearFigures(id);
        mapper.clearCircles(id);
        turn.machine()
                .figures()
                .forEach((dimension, figure) -> mapper.insertFigure(new FigureRow(
                        id,
                        dimension.name(),
                        figure.value(),
                        figure.provenance().name())));
        request.circles().forEach(c -> mapper.insertCircle(CircleRow.of(id, c)));
    }

    /** A machine as a person would type it again, and the same for the core. */
    private record StoredMachine(long version, MachineRequest typed, NamedMachine named) {}

    private StoredMachine one(long id) {
        return present(storage.read(() -> stored(List.of(id))).get(id), id);
    }

    private static StoredMachine present(@Nullable StoredMachine machine, long id) {
        if (machine == null) {
            throw new NotFoundException("machine", id);
        }
        return machine;
    }

    private static MachineRow row(@Nullable Long id, MachineRequest request) {
        return new MachineRow(
                id,
                null,
                TypedText.line(request.name()),
                request.classId(),
                request.transmission().name());
    }

    /** Machines of some ids as they would be asked for again; read anew only where they were written since. */
    private Map<Long, StoredMachine> stored(Collection<Long> ids) {
        Map<Long, Stamp> now = stamps.of(Stamps.Aggregate.MACHINE, ids);
        Map<Long, StoredMachine> known = new HashMap<>();
        now.forEach((id, stamped) -> kept.known(stamped).ifPresent(stored -> known.put(id, stored)));
        Set<Long> unknown = new HashSet<>(now.keySet());
        unknown.removeAll(known.keySet());
        read(unknown).forEach((id, stored) -> {
            kept.put(Objects.requireNonNull(now.get(id)), stored);
            known.put(id, stored);
        });
        return known;
    }

    /** Three questions to the tables, however many they are. */
    private Map<Long, StoredMachine> read(Collection<Long> ids) {
        if (ids.isEmpty()) {
            return Map.of();
        }
        Map<Long, List<FigureRow>> figures =
                mapper.figures(ids).stream().collect(Collectors.groupingBy(FigureRow::machineId));
        Map<Long, List<CircleRow>> circles =
                mapper.circles(ids).stream().collect(Collectors.groupingBy(CircleRow::machineId));
        Map<Long, StoredMachine> machines = new HashMap<>();
        for (MachineRow row : mapper.find(ids)) {
            long id = Objects.requireNonNull(row.id());
            machines.put(id, stored(row, figures.getOrDefault(id, List.of()), circles.getOrDefault(id, List.of())));
        }
        return machines;
    }

    private static StoredMachine stored(MachineRow row, List<FigureRow> figures, List<CircleRow> circles) {
        MachineRequest machine = new MachineRequest(
                row.name(),
                row.classId(),
                Transmission.valueOf(row.transmission()),
                figures.stream().map(FigureRow::json).sorted(BY_DIMENSION).toList(),
                circles.stream().map(CircleRow::json).toList());
        return new StoredMachine(
                Objects.requireNonNull(row.version()),
                machine,
                new NamedMachine(new MachineId(Objects.requireNonNull(row.id())), row.name(), machine.turn()));
    }

    private static MachineResponse response(StoredMachine stored) {
        MachineRequest machine = stored.typed();
        return new MachineResponse(
                stored.named().id().value(),
                stored.version(),
                machine.name(),
                machine.classId(),
                MachineClass.find(machine.classId()).map(MachineClass::label).orElse(machine.classId()),
                machine.transmission(),
                machine.figures(),
                machine.circles(),
                TurnReport.of(stored.named().turn()));
    }
}

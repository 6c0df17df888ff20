package wrenlane.server.machine;

import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Transmission;
import wrenlane.server.http.NotFoundException;

/** Machines as stored. */
@Service
public class MachineService {
    private static final Comparator<FigureJson> BY_DIMENSION = Comparator.comparing(FigureJson::dimension);

    private final MachineMapper mapper;

    MachineService(MachineMapper mapper) {
        this.mapper = mapper;
    }

    /** Every machine, by name. */
    public List<MachineResponse> all() {
        return stored(mapper.ids()).entrySet().stream()
                .map(e -> response(e.getKey(), e.getValue()))
                .toList();
    }

    public MachineResponse get(long id) {
        return response(id, one(id));
    }

    /** A machine for the core to reckon with. */
    public MachineTurn turn(long id) {
        return one(id).turn();
    }

    /** Several machines for the core to reckon with, by their ids. */
    public Map<Long, MachineTurn> turns(Collection<Long> ids) {
        Map<Long, MachineRequest> found = stored(ids);
        return ids.stream()
                .collect(Collectors.toMap(
                        id -> id, id -> present(found.get(id), id).turn()));
    }

    @Transactional
    public MachineResponse create(MachineRequest request) {
        request.turn();
        long id = mapper.insert(row(null, request));
        writeParts(id, request);
        return get(id);
    }

    @Transactional
    public MachineResponse update(long id, MachineRequest request) {
        request.turn();
        if (mapper.update(row(id, request)) == 0) {
            throw new NotFoundException("machine", id);
        }
        writeParts(id, request);
        return get(id);
    }

    @Transactional
    public void delete(long id) {
        if (mapper.delete(id) == 0) {
            throw new NotFoundException("machine", id);
        }
    }

    private void writeParts(long id, MachineRequest request) {
        mapper.clearFigures(id);
        mapper.clearCircles(id);
        request.turn()
                .machine()
                .figures()
                .forEach((dimension, figure) -> mapper.insertFigure(new FigureRow(
                        id,
                        dimension.name(),
                        figure.value(),
                        figure.provenance().name())));
        request.circles().forEach(c -> mapper.insertCircle(CircleRow.of(id, c)));
    }

    private MachineRequest one(long id) {
        return present(stored(List.of(id)).get(id), id);
    }

    private static MachineRequest present(@Nullable MachineRequest machine, long id) {
        if (machine == null) {
            throw new NotFoundException("machine", id);
        }
        return machine;
    }

    private static MachineRow row(@Nullable Long id, MachineRequest request) {
        return new MachineRow(
                id,
                request.name().strip(),
                request.classId(),
                request.transmission().name());
    }

    /** Machines of some ids as they would be asked for again, by name: three questions to the tables, however many. */
    private Map<Long, MachineRequest> stored(Collection<Long> ids) {
        if (ids.isEmpty()) {
            return Map.of();
        }
        Map<Long, List<FigureRow>> figures =
                mapper.figures(ids).stream().collect(Collectors.groupingBy(FigureRow::machineId));
        Map<Long, List<CircleRow>> circles =
                mapper.circles(ids).stream().collect(Collectors.groupingBy(CircleRow::machineId));
        Map<Long, MachineRequest> machines = new LinkedHashMap<>();
        for (MachineRow row : mapper.find(ids)) {
            long id = row.id() == null ? 0 : row.id();
            machines.put(id, stored(row, figures.getOrDefault(id, List.of()), circles.getOrDefault(id, List.of())));
        }
        return machines;
    }

    private static MachineRequest stored(MachineRow row, List<FigureRow> figures, List<CircleRow> circles) {
        return new MachineRequest(
                row.name(),
                row.classId(),
                Transmission.valueOf(row.transmission()),
                figures.stream().map(FigureRow::json).sorted(BY_DIMENSION).toList(),
                circles.stream().map(CircleRow::json).toList());
    }

    private static MachineResponse response(long id, MachineRequest machine) {
        return new MachineResponse(
                id,
                machine.name(),
                machine.classId(),
                MachineClass.find(machine.classId()).map(MachineClass::label).orElse(machine.classId()),
                machine.transmission(),
                machine.figures(),
                machine.circles(),
                TurnReport.of(machine.turn()));
    }
}

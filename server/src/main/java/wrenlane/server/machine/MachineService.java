package wrenlane.server.machine;

import java.util.Comparator;
import java.util.List;
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
    private final MachineMapper mapper;

    MachineService(MachineMapper mapper) {
        this.mapper = mapper;
    }

    public List<MachineResponse> all() {
        return mapper.all().stream().map(this::response).toList();
    }

    public MachineResponse get(long id) {
        return response(row(id));
    }

    /** A machine for the core to reckon with. */
    public MachineTurn turn(long id) {
        return stored(row(id)).turn();
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
                .forEach((dimension, figure) -> mapper.insertFigure(
                        id,
                        new FigureRow(
                                dimension.name(),
                                figure.value(),
                                figure.provenance().name())));
        request.circles().forEach(c -> mapper.insertCircle(id, CircleRow.of(c)));
    }

    private MachineRow row(long id) {
        return mapper.find(id).orElseThrow(() -> new NotFoundException("machine", id));
    }

    private static MachineRow row(@Nullable Long id, MachineRequest request) {
        return new MachineRow(
                id,
                request.name().strip(),
                request.classId(),
                request.transmission().name());
    }

    private MachineRequest stored(MachineRow row) {
        long id = row.id() == null ? 0 : row.id();
        return new MachineRequest(
                row.name(),
                row.classId(),
                Transmission.valueOf(row.transmission()),
                mapper.figures(id).stream()
                        .map(FigureRow::json)
                        .sorted(BY_DIMENSION)
                        .toList(),
                mapper.circles(id).stream().map(CircleRow::json).toList());
    }

    private static final Comparator<FigureJson> BY_DIMENSION = Comparator.comparing(FigureJson::dimension);

    private MachineResponse response(MachineRow row) {
        MachineRequest machine = stored(row);
        return new MachineResponse(
                row.id() == null ? 0 : row.id(),
                machine.name(),
                machine.classId(),
                MachineClass.find(machine.classId()).map(MachineClass::label).orElse(machine.classId()),
                machine.transmission(),
                machine.figures(),
                machine.circles(),
                TurnReport.of(machine.turn()));
    }
}

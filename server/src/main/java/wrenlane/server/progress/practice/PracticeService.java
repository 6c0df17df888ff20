package wrenlane.server.progress.practice;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.finding.Checks;
import wrenlane.machine.Side;
import wrenlane.progress.Practice;
import wrenlane.server.course.NamedKind;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.problem.NotFoundException;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;

/** Practice alone as stored. */
@Service
public class PracticeService {
    private final PracticeMapper mapper;
    private final RiderService riders;
    private final MachineService machines;
    private final Storage storage;
    private final Clock clock;

    PracticeService(PracticeMapper mapper, RiderService riders, MachineService machines, Storage storage, Clock clock) {
        this.mapper = mapper;
        this.riders = riders;
        this.machines = machines;
        this.storage = storage;
        this.clock = clock;
    }

    /** What was practised to each side and counted, oldest first, as the estimate takes it. */
    public List<SelfReportedRuns> told(long riderId, CourseKind kind) {
        return mapper.of(riderId, kind.id()).stream()
                .flatMap(row -> told(row, kind))
                .toList();
    }

    private static Stream<SelfReportedRuns> told(PracticeRow row, CourseKind kind) {
        Practice practice = row.practice().practice();
        return practice.settingMetres().stream()
                .flatMap(setting -> Stream.of(Side.values())
                        .map(side -> new SelfReportedRuns(
                                Course.standard(kind),
                                row.machineId(),
                                side,
                                setting,
                                side == Side.LEFT ? practice.left() : practice.right(),
                                row.practisedOn().atTime(LocalTime.NOON).toInstant(ZoneOffset.UTC))))
                .filter(told -> told.told().runs() > 0);
    }

    List<PracticeResponse> all(long riderId, String kindId) {
        CourseKind kind = NamedKind.of(kindId);
        return storage.read(() -> {
            riders.get(riderId);
            List<PracticeResponse> all = new ArrayList<>(mapper.of(riderId, kind.id()).stream()
                    .map(row -> response(Objects.requireNonNull(row.id()), row.practice()))
                    .toList());
            Collections.reverse(all);
            return all;
        });
    }

    private PracticeResponse response(long id, PracticeJson practice) {
        return new PracticeResponse(id, machines.get(practice.machineId()).name(), practice);
    }

    PracticeResponse log(long riderId, PracticeJson request) {
        CourseKind kind = NamedKind.of(request.kind());
        return storage.write(() -> {
            riders.get(riderId);
            machines.require(request.machineId());
            Practice practice = request.practice();
            Checks checks = practice.check(LocalDate.now(clock));
            practice.settingMetres().ifPresent(m -> checks.add(kind.ladder().check(m)));
            RefusedException.unlessNone(checks);
            return response(mapper.insert(PracticeRow.of(riderId, request)), request);
        });
    }

    void delete(long riderId, long id) {
        storage.change(() -> {
            if (mapper.delete(riderId, id) == 0) {
                throw new NotFoundException("practice", id);
            }
        });
    }
}

package wrenlane.server.progress.history;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.id.MachineId;
import wrenlane.rider.Rider;
import wrenlane.run.Run;
import wrenlane.server.day.DayHeading;
import wrenlane.server.day.DayService;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.RiderSizesService;
import wrenlane.server.progress.cause.CauseService;
import wrenlane.server.progress.opinion.OpinionService;
import wrenlane.server.progress.run.RunRepository;

/** Reads what a rider rode on a kind of course. Ask within one {@link Storage#read}. */
@Component
public class KindHistoryReader {
    private final RiderSizesService sizesOfRiders;
    private final RunRepository runs;
    private final RiderService riders;
    private final MachineService machines;
    private final DayService days;
    private final CauseService causes;
    private final OpinionService opinions;

    KindHistoryReader(
            RiderSizesService sizesOfRiders,
            RunRepository runs,
            RiderService riders,
            MachineService machines,
            DayService days,
            CauseService causes,
            OpinionService opinions) {
        this.sizesOfRiders = sizesOfRiders;
        this.runs = runs;
        this.riders = riders;
        this.machines = machines;
        this.days = days;
        this.causes = causes;
        this.opinions = opinions;
    }

    /**
     * On a kind.
     *
     * @param named where none is, {@link CourseKinds#usual}, or the first the rider has ridden where not that
     */
    public KindHistory read(long riderId, Optional<CourseKind> named) {
        return read(riders.get(riderId), named);
    }

    private KindHistory read(Rider rider, Optional<CourseKind> named) {
        List<Run> ridden = runs.ofRider(rider.id().value());
        return read(rider, named.orElseGet(() -> usual(ridden)), ridden);
    }

    private static CourseKind usual(List<Run> ridden) {
        List<CourseKind> kinds = kinds(ridden);
        return kinds.isEmpty() || kinds.contains(CourseKinds.usual()) ? CourseKinds.usual() : kinds.get(0);
    }

    /** What a rider's progress on a kind is computed from. */
    public KindHistory read(Rider rider, CourseKind kind) {
        return read(rider, kind, runs.ofRider(rider.id().value()));
    }

    private KindHistory read(Rider rider, CourseKind kind, List<Run> ridden) {
        List<Run> all = ridden.stream().filter(r -> r.isOfKind(kind)).toList();
        Optional<MachineId> machineId = all.isEmpty()
                ? rider.machineId()
                : Optional.of(all.get(all.size() - 1).machineId());
        Map<Long, DayHeading> headings = new LinkedHashMap<>();
        all.forEach(r -> headings.computeIfAbsent(r.dayId().value(), days::heading));
        return new KindHistory(
                rider,
                kind,
                sizesOfRiders.read(rider.id().value(), kind, all, elsewhere(ridden, kind)),
                headings,
                kinds(ridden),
                machineId.map(machines::get),
                lastRidden(all, kind),
                causes.causes(),
                opinions.words(rider.id().value(), kind.id()));
    }

    /** Runs on every other kind, by kind; estimates look at the latest of them, whether more are read or not. */
    private static Map<String, List<Run>> elsewhere(List<Run> ridden, CourseKind kind) {
        Map<String, List<Run>> byKind = new TreeMap<>();
        ridden.stream()
                .filter(r -> !r.isOfKind(kind))
                .forEach(r -> byKind.computeIfAbsent(r.kind().orElseThrow().id(), k -> new ArrayList<>())
                        .add(r));
        return byKind;
    }

    /** The course last ridden of a kind, for its other dimensions; a new one where there is none. */
    private static Course lastRidden(List<Run> all, CourseKind kind) {
        return all.isEmpty()
                ? Course.standard(kind)
                : all.get(all.size() - 1).ride().orElseThrow().course();
    }

    /** The kinds ridden, in the order they are taught. */
    private static List<CourseKind> kinds(List<Run> ridden) {
        Set<String> ids = ridden.stream()
                .flatMap(r -> r.kind().stream())
                .map(CourseKind::id)
                .collect(Collectors.toSet());
        return CourseKinds.all().stream().filter(k -> ids.contains(k.id())).toList();
    }
}

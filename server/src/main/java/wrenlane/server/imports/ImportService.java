package wrenlane.server.imports;

import static wrenlane.server.imports.ItemReader.orEmpty;
import static wrenlane.server.imports.ItemReader.orNone;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayRequest;
import wrenlane.server.day.DayRequest.DayRider;
import wrenlane.server.day.DayRequest.DayStand;
import wrenlane.server.day.DayService;
import wrenlane.server.http.RefusedException;
import wrenlane.server.imports.Bringing.Added;
import wrenlane.server.imports.ImportDocument.DayItem;
import wrenlane.server.imports.ImportDocument.RiderItem;
import wrenlane.server.kit.KitService;
import wrenlane.server.machine.MachineService;
import wrenlane.server.rider.RiderRequest;
import wrenlane.server.rider.RiderService;
import wrenlane.server.yard.YardService;

/** Brings a file of days in: all of it, or nothing. */
@Service
public class ImportService {
    private final DocumentReader reader;
    private final YardService yards;
    private final MachineService machines;
    private final RiderService riders;
    private final CourseService courses;
    private final DayService days;
    private final KitService kit;
    private final KeptFields kept;
    private final SimulatedRuns simulated;
    private final TransactionTemplate transaction;
    private final Clock clock;

    /** How much came in. */
    public record ImportResponse(int yards, int machines, int riders, int courses, int days, int simulatedRuns) {}

    /**
     * What a file would bring in.
     *
     * @param adds everything that would be added
     * @param findings everything that is wrong; nothing comes in while there is any
     */
    public record PreviewResponse(List<Added> adds, List<Finding> findings) {}

    ImportService(
            DocumentReader reader,
            YardService yards,
            MachineService machines,
            RiderService riders,
            CourseService courses,
            DayService days,
            KitService kit,
            KeptFields kept,
            SimulatedRuns simulated,
            TransactionTemplate transaction,
            Clock clock) {
        this.reader = reader;
        this.yards = yards;
        this.machines = machines;
        this.riders = riders;
        this.courses = courses;
        this.days = days;
        this.kit = kit;
        this.kept = kept;
        this.simulated = simulated;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** Brings the text of a file in, or refuses it with everything that is wrong. */
    public ImportResponse bringIn(String file) {
        ImportDocument document = reader.read(file);
        return Objects.requireNonNull(transaction.execute(status -> {
            Bringing bringing = stored(document);
            RefusedException.unlessNone(new Checks().addAll(bringing.problems()));
            int runs = simulated.ride(bringing.days(), bringing.virtualRiders(document), LocalDate.now(clock));
            return new ImportResponse(
                    document.yards().size(),
                    document.machines().size(),
                    document.riders().size(),
                    document.courses().size(),
                    document.days().size(),
                    runs);
        }));
    }

    /** Brings it in and takes it back, to say what it would be. */
    PreviewResponse preview(String file) {
        ImportDocument document;
        try {
            document = reader.read(file);
        } catch (RefusedException e) {
            return new PreviewResponse(List.of(), e.findings());
        }
        return Objects.requireNonNull(transaction.execute(status -> {
            status.setRollbackOnly();
            Bringing bringing = stored(document);
            return new PreviewResponse(bringing.added(), bringing.problems());
        }));
    }

    private Bringing stored(ImportDocument file) {
        Bringing b = new Bringing(kept);
        if (file.kit() != null) {
            kit.put(file.kit());
        }
        b.each(
                "yard",
                file.yards(),
                y -> new Added("yard", y.name()),
                y -> y.key(),
                y -> y.more(),
                y -> yards.create(ItemReader.yard(y)).id());
        b.each(
                "machine",
                file.machines(),
                m -> new Added("machine", m.name()),
                m -> m.key(),
                m -> m.more(),
                m -> machines.create(ItemReader.machine(m)).id());
        b.each(
                "rider",
                file.riders(),
                r -> new Added("rider", r.name()),
                r -> r.key(),
                r -> r.more(),
                r -> riders.create(rider(b, r)).id());
        b.each(
                "course",
                file.courses(),
                c -> new Added("course", c.name()),
                c -> c.key(),
                c -> c.more(),
                c -> courses.create(ItemReader.course(c)).id());
        b.each(
                "day",
                file.days(),
                d -> new Added("day", d.title()),
                d -> "",
                d -> d.more(),
                d -> b.day(days.create(day(b, d))));
        return b;
    }

    private static RiderRequest rider(Bringing b, RiderItem r) {
        return new RiderRequest(
                r.name(), r.level(), r.school(), b.keys("machine").getOrNull(r.machine()), orEmpty(r.notes()));
    }

    private DayRequest day(Bringing b, DayItem d) {
        Keys courseKeys = b.keys("course");
        return new DayRequest(
                date(d),
                d.title(),
                b.keys("yard").getOrNull(d.yard()),
                d.courses().stream().map(courseKeys::get).toList(),
                orNone(d.stands()).stream()
                        .map(s -> new DayStand(courseKeys.get(s.course()), s.stand()))
                        .toList(),
                d.riders().stream()
                        .map(r -> new DayRider(
                                b.keys("rider").get(r.rider()),
                                b.keys("machine").get(r.machine())))
                        .toList());
    }

    private LocalDate date(DayItem d) {
        LocalDate date = d.date();
        Integer ago = d.daysAgo();
        if ((date == null) == (ago == null)) {
            throw RefusedException.of("day-date", d.title(), "Give a day either a date or daysAgo.");
        }
        return date != null ? date : LocalDate.now(clock).minusDays(ago == null ? 0 : ago);
    }
}

package wrenlane.server.exchange.days;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.server.course.kit.KitService;
import wrenlane.server.exchange.days.PreparedDays.ReadyItem;
import wrenlane.server.platform.format.FormatReader;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;

/**
 * Brings a file of days in: all of it, or nothing. It is read, checked and its virtual riders ride before the writer is
 * taken; a preview does the first two alone, and so cannot store anything.
 */
@Service
public class ImportService {
    private final FormatReader<ImportDocument> reader =
            new FormatReader<>(ImportDocument.FORMAT, ImportDocument.class, ImportDocument.FROM_3);
    private final SimulatedRuns simulated;
    private final Arrival arrival;
    private final KitService kit;
    private final Storage storage;
    private final Clock clock;

    /** How much came in. */
    public record ImportResponse(int yards, int machines, int riders, int courses, int days, int simulatedRuns) {}

    /**
     * Something a file adds.
     *
     * @param sort such as yard or rider
     * @param name as it will be shown
     */
    public record ImportedItem(String sort, String name) {}

    /**
     * What a file would bring in.
     *
     * @param adds everything that would be added
     * @param simulatedRuns how many runs its virtual riders would make besides
     * @param findings everything that is wrong; nothing comes in while there is any
     */
    public record PreviewResponse(List<ImportedItem> adds, int simulatedRuns, List<Finding> findings) {}

    ImportService(SimulatedRuns simulated, Arrival arrival, KitService kit, Storage storage, Clock clock) {
        this.simulated = simulated;
        this.arrival = arrival;
        this.kit = kit;
        this.storage = storage;
        this.clock = clock;
    }

    /** Brings the text of a file in, or refuses it with everything that is wrong. */
    public ImportResponse bringIn(String file) {
        PreparedDays prepared = prepared(file);
        RefusedException.unlessNone(new Checks().addAll(prepared.problems()));
        List<SimulatedRuns.SimulatedRun> ridden = simulated.ride(prepared, LocalDate.now(clock));
        storage.change(() -> {
            if (prepared.kit() != null) {
                kit.bringIn(prepared.kit());
            }
            arrival.store(prepared, ridden);
        });
        return new ImportResponse(
                prepared.yards().size(),
                prepared.machines().size(),
                prepared.riders().size(),
                prepared.courses().size(),
                prepared.days().size(),
                ridden.size());
    }

    /** What it would be. */
    PreviewResponse preview(String file) {
        try {
            PreparedDays p = prepared(file);
            List<ImportedItem> adds = Stream.of(
                            added("yard", p.yards()),
                            added("machine", p.machines()),
                            added("rider", p.riders()),
                            added("course", p.courses()),
                            added("day", p.days()))
                    .flatMap(List::stream)
                    .toList();
            return new PreviewResponse(adds, p.simulatedRuns(), p.problems());
        } catch (RefusedException e) {
            return new PreviewResponse(List.of(), 0, e.findings());
        }
    }

    private PreparedDays prepared(String file) {
        PreparedDays prepared = Preparation.of(reader.read(file), LocalDate.now(clock));
        return prepared.problems().isEmpty() ? prepared.withProblems(clashes(prepared)) : prepared;
    }

    private List<Finding> clashes(PreparedDays prepared) {
        return storage.read(() -> kit.clashes(
                prepared.courses().stream()
                        .map(c -> c.thing().request())
                        .flatMap(c -> Stream.concat(c.own().stream(), c.ownWithin().stream())),
                prepared.kit()));
    }

    private static <T> List<ImportedItem> added(String sort, List<ReadyItem<T>> things) {
        return things.stream().map(t -> new ImportedItem(sort, t.name())).toList();
    }
}

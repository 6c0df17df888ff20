package wrenlane.server.progress.run;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import wrenlane.finding.Checks;
import wrenlane.finding.TypedText;
import wrenlane.id.CourseId;
import wrenlane.id.DayId;
import wrenlane.run.Run;
import wrenlane.run.RunHistory;
import wrenlane.run.RunLog;
import wrenlane.server.day.DayService;
import wrenlane.server.platform.event.News;
import wrenlane.server.platform.event.Newsroom;
import wrenlane.server.platform.problem.ConflictException;
import wrenlane.server.platform.problem.NotFoundException;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;

/**
 * Logs runs. A run is stored once, however often it is sent, and never changes afterwards: a correction is a run of its own that
 * stands in the place of the one it corrects, which stays on record as withdrawn.
 */
@Service
public class RunService {
    private final RunRepository runs;
    private final RunFactory factory;
    private final DayService days;
    private final Newsroom newsroom;
    private final Storage storage;
    private final Clock clock;

    RunService(
            RunRepository runs, RunFactory factory, DayService days, Newsroom newsroom, Storage storage, Clock clock) {
        this.runs = runs;
        this.factory = factory;
        this.days = days;
        this.newsroom = newsroom;
        this.storage = storage;
        this.clock = clock;
    }

    /**
     * Stores a run, or gives the one already stored under this id, whatever has become since of what it was ridden on. What
     * it takes to compute is done before the writer is taken.
     */
    Run put(String id, RunRequest request) {
        factory.check(id, request);
        Optional<Run> stored = again(id, request);
        if (stored.isPresent()) {
            return stored.get();
        }
        Run run = storage.read(() -> factory.run(id, request));
        return storage.write(() -> again(id, request).orElseGet(() -> {
            Optional<Run> before = corrected(request);
            ofTheDay(request, before);
            before.ifPresent(old -> runs.withdraw(old.id().value(), now(request.deviceName())));
            runs.insert(run);
            newsroom.tell(News.Topic.RUNS, run.dayId().value());
            return run;
        }));
    }

    private RunLog.Withdrawal now(String device) {
        return new RunLog.Withdrawal(clock.instant(), device);
    }

    /** The run a request corrects; nobody else has corrected it meanwhile. */
    private Optional<Run> corrected(RunRequest request) {
        if (request.replaces() == null) {
            return Optional.empty();
        }
        Run old = runs.find(request.replaces())
                .orElseThrow(() -> RefusedException.of(
                        "no-such-run", "replaces", "There is no run here to correct: it never reached the server."));
        if (!old.isOfDay(new DayId(request.dayId()))) {
            throw RefusedException.of("another-day", "dayId", "A run stays on the day it was ridden.");
        }
        refuseIfCorrected(old.id().value());
        return Optional.of(old);
    }

    private void refuseIfCorrected(String id) {
        runs.correctionOf(id).ifPresent(newer -> {
            String device = newer.log().device();
            throw new ConflictException("This run was corrected " + (device.isEmpty() ? "elsewhere" : "on " + device)
                    + " meanwhile. Nothing was changed: look at it there first.");
        });
    }

    private Optional<Run> again(String id, RunRequest request) {
        Optional<Run> stored = runs.find(id);
        if (stored.isPresent() && !request.isSameAs(stored.get())) {
            throw new ConflictException("Another run is stored under this id. Nothing was changed.");
        }
        return stored;
    }

    /** A correction may keep who and what is on the day no longer. */
    private void ofTheDay(RunRequest request, Optional<Run> before) {
        Checks checks = new Checks();
        if (before.filter(old -> old.riderId().value() == request.riderId()).isEmpty()
                && !days.hasRider(request.dayId(), request.riderId())) {
            checks.add("rider-not-of-day", "riderId", "This rider is not on that day. Put the rider on the day first.");
        }
        Long course = request.courseId();
        if (course != null
                && before.filter(old -> old.isOn(new CourseId(course))).isEmpty()
                && !days.hasCourse(request.dayId(), course)) {
            checks.add(
                    "course-not-of-day",
                    "courseId",
                    "This course is not on that day. Put the course on the day first.");
        }
        RefusedException.unlessNone(checks);
    }

    /** Undoes a run: it stays on record as withdrawn, so that sending it again does not bring it back. */
    public void withdraw(String id, String device) {
        String on = TypedText.line(device);
        RefusedException.unlessNone(new Checks().add(RunLog.checkDevice(on)));
        storage.change(() -> {
            Run run = runs.find(id).orElseThrow(() -> new NotFoundException("run", id));
            refuseIfCorrected(id);
            runs.withdraw(id, now(on));
            newsroom.tell(News.Topic.RUNS, run.dayId().value());
        });
    }

    /** All that was logged on a day, the newest first, with what was corrected and undone. */
    List<RunHistory> historiesOfDay(long dayId) {
        return storage.read(() -> {
            days.heading(dayId);
            return runs.historiesOfDay(dayId);
        });
    }
}

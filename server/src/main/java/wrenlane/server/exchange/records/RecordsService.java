package wrenlane.server.exchange.records;

import java.time.Clock;
import java.util.Optional;
import org.springframework.stereotype.Service;
import wrenlane.server.exchange.records.RecordsFile.GoalRecord;
import wrenlane.server.lesson.goal.GoalService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.event.News;
import wrenlane.server.platform.event.Newsroom;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.run.RunRepository;
import wrenlane.server.progress.run.RunResponse;

/** All that is kept of one rider. */
@Service
class RecordsService {
    private final RecordsMapper mapper;
    private final RiderService riders;
    private final RunRepository runs;
    private final GoalService goals;
    private final Newsroom newsroom;
    private final Storage storage;
    private final Clock clock;

    RecordsService(
            RecordsMapper mapper,
            RiderService riders,
            RunRepository runs,
            GoalService goals,
            Newsroom newsroom,
            Storage storage,
            Clock clock) {
        this.mapper = mapper;
        this.riders = riders;
        this.runs = runs;
        this.goals = goals;
        this.newsroom = newsroom;
        this.storage = storage;
        this.clock = clock;
    }

    /** How much is kept. */
    RecordCounts kept(long riderId) {
        return storage.read(() -> {
            riders.get(riderId);
            return mapper.kept(riderId);
        });
    }

    /** Everything, of one state of the data. */
    RecordsFile file(long riderId) {
        return storage.read(() -> new RecordsFile(
                RecordsFile.FORMAT,
                clock.instant(),
                RiderRecord.of(riders.edition(riderId)),
                mapper.days(riderId),
                mapper.drills(riderId),
                goal(riderId).orElse(null),
                mapper.opinions(riderId),
                mapper.practice(riderId),
                runs.everOfRider(riderId).stream().map(RunResponse::of).toList()));
    }

    private Optional<GoalRecord> goal(long riderId) {
        return goals.find(riderId)
                .map(goal ->
                        new GoalRecord(goal.name(), goal.kind(), goal.setting().metres(), goal.by()));
    }

    /** Deletes somebody with all that is kept of them; nothing brings it back but a copy made before. */
    void delete(long riderId, ExpectedVersion expected) {
        storage.change(() -> {
            riders.check(riderId, expected);
            mapper.writeOver();
            mapper.letGoOfCorrections(riderId);
            mapper.days(riderId).forEach(day -> newsroom.tell(News.Topic.RUNS, day.dayId()));
            mapper.deleteRuns(riderId);
            mapper.takeOffDays(riderId);
            mapper.deleteRider(riderId);
        });
    }
}

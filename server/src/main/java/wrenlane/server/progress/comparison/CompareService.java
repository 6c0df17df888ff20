package wrenlane.server.progress.comparison;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Service;
import wrenlane.id.DayId;
import wrenlane.machine.NamedMachine;
import wrenlane.machine.Side;
import wrenlane.progress.CleanChance;
import wrenlane.progress.CleanSetting;
import wrenlane.progress.Tally;
import wrenlane.server.course.NamedKind;
import wrenlane.server.course.difficulty.CourseDifficulty;
import wrenlane.server.day.DayHeading;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.problem.NotFoundException;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.EstimateJson;
import wrenlane.server.progress.ProgressService;
import wrenlane.server.progress.SideHistories.DayChances;
import wrenlane.server.progress.comparison.DayComparison.DayLabel;
import wrenlane.server.progress.comparison.DayComparison.SideComparison;
import wrenlane.server.progress.history.KindHistory;
import wrenlane.server.progress.history.KindHistoryReader;
import wrenlane.verdict.Difficulty;

/** Puts two days of a rider side by side. */
@Service
class CompareService {
    private final KindHistoryReader histories;
    private final ProgressService progress;
    private final CourseDifficulty difficulty;
    private final Storage storage;
    private final ComputeScheduler scheduler;

    CompareService(
            KindHistoryReader histories,
            ProgressService progress,
            CourseDifficulty difficulty,
            Storage storage,
            ComputeScheduler scheduler) {
        this.histories = histories;
        this.progress = progress;
        this.difficulty = difficulty;
        this.storage = storage;
        this.scheduler = scheduler;
    }

    /** Two days with runs on a kind, whichever was first. */
    DayComparison compare(long riderId, String kindId, long oneDay, long otherDay) {
        KindHistory read = storage.read(() -> histories.read(riderId, Optional.of(NamedKind.of(kindId))));
        return scheduler.whole(Priority.ONE, "these days", () -> compared(read, oneDay, otherDay));
    }

    private DayComparison compared(KindHistory read, long oneDay, long otherDay) {
        List<DayChances> days = progress.histories(read).days();
        DayChances one = of(days, oneDay);
        DayChances other = of(days, otherDay);
        boolean inOrder = days.indexOf(one) <= days.indexOf(other);
        DayChances from = inOrder ? one : other;
        DayChances to = inOrder ? other : one;
        return new DayComparison(
                heading(read, from),
                heading(read, to),
                Arrays.stream(Side.values())
                        .map(side -> side(read, side, from, to))
                        .toList());
    }

    private static DayChances of(List<DayChances> days, long dayId) {
        return days.stream()
                .filter(d -> d.dayId() == dayId)
                .findFirst()
                .orElseThrow(() -> new NotFoundException("day with runs", dayId));
    }

    private static DayLabel heading(KindHistory read, DayChances day) {
        DayHeading heading = Objects.requireNonNull(read.headings().get(day.dayId()));
        LocalDate date = heading.date();
        return new DayLabel(day.dayId(), date, heading.title());
    }

    private SideComparison side(KindHistory read, Side side, DayChances from, DayChances to) {
        CleanChance before = from.of(side);
        CleanChance now = to.of(side);
        boolean known = before.runs() >= CleanSetting.FEWEST_RUNS && now.runs() >= CleanSetting.FEWEST_RUNS;
        Tally first = tally(read, side, from);
        Tally second = tally(read, side, to);
        return new SideComparison(
                side,
                read.machine()
                        .map(m -> EstimateJson.of(before, over(read, m, side)))
                        .orElse(null),
                read.machine()
                        .map(m -> EstimateJson.of(now, over(read, m, side)))
                        .orElse(null),
                known ? ChangeJson.of(before, now) : null,
                first.runs(),
                first.clean(),
                second.runs(),
                second.clean());
    }

    private Difficulty over(KindHistory read, NamedMachine machine, Side side) {
        return difficulty.of(read.course(), machine.turn(), side);
    }

    private static Tally tally(KindHistory read, Side side, DayChances day) {
        return Tally.of(read.ofKind().runs().stream()
                .filter(r -> r.isOfDay(new DayId(day.dayId())) && r.isTo(side) && r.isScored())
                .toList());
    }
}

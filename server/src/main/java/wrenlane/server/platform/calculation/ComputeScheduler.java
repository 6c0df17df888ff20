package wrenlane.server.platform.calculation;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import wrenlane.budget.Budget;
import wrenlane.budget.BudgetSpentException;
import wrenlane.finding.Sentence;
import wrenlane.server.platform.problem.BusyException;
import wrenlane.server.platform.problem.GoneException;
import wrenlane.server.platform.problem.RefusedException;

/**
 * Computes for people who wait: at most as many computations at once as there are cores, the others in turn, by their
 * {@link Priority}; each within a budget of time and work; ended where a newer request of the same page takes its place.
 */
@Component
public class ComputeScheduler implements DisposableBean {
    /** Computations that may wait their turn; chosen by us: more could not be done in anybody's time. */
    static final int MOST_WAITING = 256;

    /**
     * Parts of one request that are handed over at once, for each core; chosen by us: enough to keep the cores at work, and
     * few enough that a request of any size can be begun beside others.
     */
    private static final int AHEAD = 8;

    /** Convex programs one request may take; chosen by us: several times what the largest table takes in its time. */
    private static final long MOST_WORK = 100_000;

    /** How often it is seen whether the answer is still wanted. */
    static final long LOOK_MILLISECONDS = 400;

    private final Map<Priority, ThreadPoolExecutor> threads = new EnumMap<>(Priority.class);
    private final Turns turns;
    private final CalculationSlots slots = new CalculationSlots();
    private final AtomicLong gone = new AtomicLong();
    private final Duration time;

    ComputeScheduler(@Value("${wren.calculation-seconds}") double seconds) {
        int count = Runtime.getRuntime().availableProcessors();
        this.time = Duration.ofMillis(Math.round(1000 * seconds));
        this.turns = new Turns(count);
        for (Priority rank : Priority.values()) {
            ThreadPoolExecutor pool =
                    new ThreadPoolExecutor(count, count, 1, TimeUnit.MINUTES, new LinkedBlockingQueue<>(), task -> {
                        Thread thread = new Thread(task, "calculation-" + rank);
                        thread.setDaemon(true);
                        return thread;
                    });
            pool.allowCoreThreadTimeOut(true);
            threads.put(rank, pool);
        }
    }

    /**
     * Computes something that is of use only as a whole.
     *
     * @param what it is, as the sentence about the limit goes on: such as “the speeds of this course”
     * @throws RefusedException where the budget did not suffice
     * @throws BusyException where it did not come to its turn
     */
    public <T> T whole(Priority rank, String what, Supplier<T> computation) {
        if (Budget.current().isPresent()) {
            return computation.get();
        }
        return parts(rank, List.of(computation))
                .get(0)
                .orElseThrow(() -> RefusedException.of(
                        "calculation-limit",
                        "",
                        Sentence.of(
                                "There are %.1f s to calculate %s, and that was not enough. Try again, or make the"
                                        + " course simpler.",
                                time.toMillis() / 1000.0, what)));
    }

    /**
     * Computes many things, each of use by itself; one that was not finished within the budget is empty.
     *
     * @throws BusyException where none came to its turn
     */
    public <T> List<Optional<T>> parts(Priority rank, List<Supplier<T>> computations) {
        Budget given = Budget.current().orElse(null);
        if (given != null) {
            return computations.stream().map(c -> finished(c)).toList();
        }
        int ahead = Math.min(computations.size(), AHEAD * Runtime.getRuntime().availableProcessors());
        if (waiting() + ahead > MOST_WAITING) {
            throw new BusyException();
        }
        ThreadPoolExecutor pool = pool(rank);
        Budget budget = Budget.of(time, MOST_WORK, () -> turns.stepAside(rank));
        List<FutureTask<T>> tasks = computations.stream()
                .map(c -> new FutureTask<>(() -> Budget.within(budget, () -> inTurn(rank, c))))
                .toList();
        tasks.subList(0, ahead).forEach(pool::execute);
        Optional<String> slot = CalculationSlots.named();
        slot.ifPresent(name -> slots.take(name, budget));
        try {
            return gathered(
                    tasks,
                    ahead,
                    pool,
                    () -> slot.filter(name -> !slots.has(name, budget)).isPresent());
        } finally {
            slot.ifPresent(name -> slots.leave(name, budget));
            budget.stop();
            tasks.forEach(pool.getQueue()::remove);
        }
    }

    private ThreadPoolExecutor pool(Priority rank) {
        return Optional.ofNullable(threads.get(rank)).orElseThrow();
    }

    private <T> T inTurn(Priority rank, Supplier<T> computation) {
        turns.begin(rank);
        try {
            return computation.get();
        } finally {
            turns.end(rank);
        }
    }

    private int waiting() {
        return threads.values().stream()
                .mapToInt(pool -> pool.getQueue().size())
                .sum();
    }

    /** How many computations are under way or wait for their turn. */
    int underWay() {
        return waiting()
                + threads.values().stream()
                        .mapToInt(ThreadPoolExecutor::getActiveCount)
                        .sum();
    }

    private static <T> Optional<T> finished(Supplier<T> computation) {
        try {
            return Optional.of(computation.get());
        } catch (BudgetSpentException e) {
            return Optional.empty();
        }
    }

    /**
     * Waits for one after another.
     *
     * @param ahead how many are handed over beyond the one waited for; after the time no more are
     */
    private <T> List<Optional<T>> gathered(
            List<FutureTask<T>> tasks, int ahead, ThreadPoolExecutor pool, BooleanSupplier superseded) {
        long until = System.nanoTime() + time.toNanos();
        List<Optional<T>> results = new ArrayList<>();
        boolean any = tasks.isEmpty();
        int handedOver = ahead;
        for (int i = 0; i < tasks.size(); i++) {
            if (i >= handedOver) {
                results.add(Optional.empty());
                continue;
            }
            Answer<T> answer = awaited(tasks.get(i), superseded, until);
            any |= answer.started();
            results.add(Optional.ofNullable(answer.result()));
            if (handedOver < tasks.size() && System.nanoTime() - until < 0) {
                pool.execute(tasks.get(handedOver));
                handedOver++;
            }
        }
        if (!any) {
            throw new BusyException();
        }
        return results;
    }

    /** What came of a task; a task whose time ran out before its turn was never started. */
    private record Answer<T>(boolean started, @Nullable T result) {}

    private <T> Answer<T> awaited(FutureTask<T> task, BooleanSupplier superseded, long until) {
        while (true) {
            if (superseded.getAsBoolean()) {
                gone.incrementAndGet();
                throw new GoneException();
            }
            try {
                return new Answer<>(true, task.get(LOOK_MILLISECONDS, TimeUnit.MILLISECONDS));
            } catch (TimeoutException e) {
                if (System.nanoTime() - until > TimeUnit.MILLISECONDS.toNanos(LOOK_MILLISECONDS)) {
                    return new Answer<>(false, null);
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new GoneException();
            } catch (ExecutionException e) {
                if (e.getCause() instanceof BudgetSpentException) {
                    return new Answer<>(true, null);
                }
                if (e.getCause() instanceof BusyException) {
                    return new Answer<>(false, null);
                }
                if (e.getCause() instanceof RuntimeException known) {
                    throw known;
                }
                throw new IllegalStateException(e.getCause());
            }
        }
    }

    /** How many ended because a newer request took their place. */
    long gone() {
        return gone.get();
    }

    @Override
    public void destroy() {
        threads.values().forEach(ThreadPoolExecutor::shutdownNow);
    }
}

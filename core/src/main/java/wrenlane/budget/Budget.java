package wrenlane.budget;

import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * What a computation may take. It holds for the thread that computes, as an interruption does, so that the innermost loop
 * can ask without every method between passing it on; whoever shares work out among threads hands it on with
 * {@link #within}. Where none is set there is no limit.
 *
 * <p>Work is counted in convex programs and in shapes laid over one another, which take about a millisecond each.
 */
public final class Budget {
    private static final ThreadLocal<@Nullable Budget> CURRENT = new ThreadLocal<>();

    private final long endNanoseconds;
    private final AtomicLong work;
    private final Runnable between;
    private volatile boolean stopped;

    private Budget(long endNanoseconds, long work, Runnable between) {
        this.endNanoseconds = endNanoseconds;
        this.work = new AtomicLong(work);
        this.between = between;
    }

    /**
     * From now on.
     *
     * @param time on the clock of the wall
     * @param work pieces of work
     */
    public static Budget of(Duration time, long work) {
        return of(time, work, () -> {});
    }

    /**
     * From now on, for a computation that lets others go first.
     *
     * @param time on the clock of the wall, waiting included
     * @param work pieces of work
     * @param between runs on the computing thread before each piece of work, and may wait there
     */
    public static Budget of(Duration time, long work, Runnable between) {
        return new Budget(System.nanoTime() + time.toNanos(), work, between);
    }

    /** The budget of this thread, to be handed on. */
    public static Optional<Budget> current() {
        return Optional.ofNullable(CURRENT.get());
    }

    /** Computes something with a budget; the one there was before holds again afterwards. */
    public static <T> T within(Budget budget, Supplier<T> computation) {
        Budget before = CURRENT.get();
        CURRENT.set(budget);
        try {
            return computation.get();
        } finally {
            CURRENT.set(before);
        }
    }

    /**
     * Takes some work from what is left, once others have been let go first.
     *
     * @throws BudgetSpentException where nothing is left
     */
    public static void spend(long work) {
        Budget budget = CURRENT.get();
        if (budget != null) {
            budget.between.run();
            budget.work.addAndGet(-work);
            if (budget.spent()) {
                throw new BudgetSpentException();
            }
        }
    }

    /** Whether nothing is left, for a search that keeps the best it has found. */
    public static boolean isSpent() {
        Budget budget = CURRENT.get();
        return budget != null && budget.spent();
    }

    /** Nobody waits for it any more: whatever is under way ends at its next piece of work. */
    public void stop() {
        stopped = true;
    }

    private boolean spent() {
        return stopped || work.get() < 0 || System.nanoTime() - endNanoseconds > 0;
    }
}

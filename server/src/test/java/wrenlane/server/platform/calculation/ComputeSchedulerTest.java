package wrenlane.server.platform.calculation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.budget.Budget;
import wrenlane.server.platform.problem.BusyException;
import wrenlane.server.platform.problem.RefusedException;

class ComputeSchedulerTest {
    private static final int CORES = Runtime.getRuntime().availableProcessors();

    /** A limit that is reached, in s: still far longer than a busy machine takes to begin something. */
    private static final double LIMIT = 2;

    private final ExecutorService people = Executors.newCachedThreadPool();

    @AfterEach
    void send() {
        people.shutdownNow();
    }

    /** Works until its budget is spent. */
    private static boolean endless() {
        while (true) {
            Budget.spend(0);
        }
    }

    /** A request of many more parts than may wait is begun all the same, and every part comes to its turn. */
    @Test
    void aRequestOfAnySizeIsComputedInPieces() {
        List<Supplier<Integer>> many = IntStream.range(0, 2000)
                .mapToObj(i -> (Supplier<Integer>) () -> i)
                .toList();
        List<Optional<Integer>> parts = new ComputeScheduler(60).parts(Priority.MANY, many);
        assertThat(parts).hasSize(2000).doesNotContain(Optional.empty());
        assertThat(parts.get(1999)).contains(1999);
    }

    /** What does not fit into the time is left open, at once; what was done is there. */
    @Test
    void whatIsNotReachedInTimeIsLeftOpen() {
        AtomicInteger done = new AtomicInteger();
        List<Supplier<Boolean>> many = new ArrayList<>(List.of(() -> true));
        for (int i = 0; i < 2000; i++) {
            many.add(() -> {
                done.incrementAndGet();
                return endless();
            });
        }
        List<Optional<Boolean>> parts = new ComputeScheduler(LIMIT).parts(Priority.MANY, many);
        assertThat(parts.get(0)).contains(true);
        assertThat(parts.subList(1, 2001)).containsOnly(Optional.empty());
        assertThat(done.get()).isLessThan(100);
    }

    @Test
    void neverMoreAtOnceThanThereAreCores() throws Exception {
        ComputeScheduler scheduler = new ComputeScheduler(60);
        AtomicInteger now = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        List<Future<Boolean>> all = new ArrayList<>();
        for (int i = 0; i < 6 * CORES; i++) {
            all.add(people.submit(() -> scheduler.whole(Priority.ONE, "it", () -> {
                most.accumulateAndGet(now.incrementAndGet(), Math::max);
                for (int n = 0; n < 1_000_000; n++) {
                    Budget.spend(0);
                }
                now.decrementAndGet();
                return true;
            })));
        }
        for (Future<Boolean> one : all) {
            assertThat(one.get()).isTrue();
        }
        assertThat(most).hasValueBetween(1, CORES);
    }

    @Test
    void whatTakesTooLongIsRefusedWithTheLimit() {
        ComputeScheduler scheduler = new ComputeScheduler(LIMIT);
        assertThatThrownBy(() -> scheduler.whole(Priority.ONE, "the speeds", ComputeSchedulerTest::endless))
                .isInstanceOf(RefusedException.class)
                .hasMessageContainingAll("2.0 s", "the speeds");
        assertThat(scheduler.whole(Priority.ONE, "it", () -> true)).isTrue();
    }

    @Test
    void partsThatAreFinishedAreGivenAndTheOthersAreNot() {
        ComputeScheduler scheduler = new ComputeScheduler(LIMIT);
        List<Supplier<Boolean>> parts = List.of(() -> true, ComputeSchedulerTest::endless, () -> false);
        assertThat(scheduler.parts(Priority.MANY, parts))
                .containsExactly(Optional.of(true), Optional.empty(), Optional.of(false));
    }

    @Test
    void insideOfAnotherItTakesFromItsBudget() {
        ComputeScheduler scheduler = new ComputeScheduler(LIMIT);
        List<Optional<Boolean>> parts = scheduler.whole(
                Priority.ONE,
                "it",
                () -> scheduler.parts(Priority.MANY, List.of(() -> true, ComputeSchedulerTest::endless)));
        assertThat(parts).containsExactly(Optional.of(true), Optional.empty());
    }

    /** Every core is taken by rows, and by answers, that would never end by themselves. */
    @ParameterizedTest
    @CsvSource({"MANY, ONE", "MANY, DRAGGED", "ONE, DRAGGED"})
    void thoseAfterStepAside(Priority after, Priority before) throws Exception {
        ComputeScheduler scheduler = new ComputeScheduler(60);
        AtomicBoolean enough = new AtomicBoolean();
        AtomicInteger steps = new AtomicInteger();
        List<Future<Boolean>> all = new ArrayList<>();
        for (int i = 0; i < 2 * CORES; i++) {
            all.add(people.submit(() -> scheduler.whole(after, "it", () -> {
                while (!enough.get()) {
                    Budget.spend(0);
                    steps.incrementAndGet();
                }
                return true;
            })));
        }
        await(() -> steps.get() > 0);
        CountDownLatch begun = new CountDownLatch(CORES);
        CountDownLatch letGo = new CountDownLatch(1);
        for (int i = 0; i < CORES; i++) {
            all.add(people.submit(() -> scheduler.whole(before, "it", () -> {
                begun.countDown();
                return waited(letGo);
            })));
        }
        begun.await();
        await(() -> {
            int seen = steps.get();
            LockSupport.parkNanos(20_000_000);
            return steps.get() == seen;
        });
        letGo.countDown();
        int seen = steps.get();
        await(() -> steps.get() > seen);
        enough.set(true);
        for (Future<Boolean> one : all) {
            assertThat(one.get()).isTrue();
        }
    }

    private static void await(BooleanSupplier condition) {
        while (!condition.getAsBoolean()) {
            Thread.onSpinWait();
        }
    }

    @Test
    void whoeverSteppedAsideTillItsTimeWasOverIsUnfinished() throws Exception {
        ComputeScheduler scheduler = new ComputeScheduler(LIMIT);
        CountDownLatch letGo = new CountDownLatch(1);
        CountDownLatch begun = new CountDownLatch(CORES);
        List<Future<Boolean>> rows = new ArrayList<>();
        for (int i = 0; i < CORES; i++) {
            rows.add(people.submit(() -> scheduler.whole(Priority.MANY, "the row", () -> {
                begun.countDown();
                return endless();
            })));
        }
        begun.await();
        for (int i = 0; i < CORES; i++) {
            people.submit(() -> scheduler.whole(Priority.ONE, "it", () -> waited(letGo)));
        }
        for (Future<Boolean> row : rows) {
            assertThatThrownBy(row::get).hasCauseInstanceOf(RefusedException.class);
        }
        letGo.countDown();
        assertThat(scheduler.whole(Priority.MANY, "it", () -> true)).isTrue();
    }

    private static boolean waited(CountDownLatch latch) {
        try {
            latch.await();
            return true;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    @Test
    void whereTooManyWaitTheNextIsSentAway() {
        ComputeScheduler scheduler = new ComputeScheduler(60);
        CountDownLatch letGo = new CountDownLatch(1);
        int crowd = ComputeScheduler.MOST_WAITING + CORES;
        for (int i = 0; i < crowd; i++) {
            people.submit(() -> scheduler.whole(Priority.MANY, "it", () -> waited(letGo)));
        }
        while (scheduler.underWay() < crowd) {
            LockSupport.parkNanos(1_000_000);
        }
        assertThatThrownBy(() -> scheduler.whole(Priority.MANY, "it", () -> true))
                .isInstanceOf(BusyException.class);
        letGo.countDown();
    }

    @Test
    void whoeverDoesNotComeToTheirTurnIsToldThatItIsBusy() throws Exception {
        ComputeScheduler scheduler = new ComputeScheduler(LIMIT);
        CountDownLatch letGo = new CountDownLatch(1);
        List<Future<?>> holding = new ArrayList<>();
        for (int i = 0; i < CORES; i++) {
            holding.add(people.submit(() -> scheduler.whole(Priority.ONE, "it", () -> waited(letGo))));
        }
        while (scheduler.underWay() < CORES) {
            Thread.onSpinWait();
        }
        assertThatThrownBy(() -> scheduler.whole(Priority.ONE, "it", () -> true))
                .isInstanceOf(BusyException.class);
        letGo.countDown();
    }

    @Test
    void anErrorIsTheErrorItWas() {
        ComputeScheduler scheduler = new ComputeScheduler(60);
        assertThatThrownBy(() -> scheduler.whole(Priority.ONE, "it", () -> {
                    throw RefusedException.of("no", "here", "No.");
                }))
                .isInstanceOf(RefusedException.class)
                .hasMessage("No.");
    }
}

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

class ReckoningTest {
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
    void aRequestOfAnySizeIsReckonedInPieces() {
        List<Supplier<Integer>> many = IntStream.range(0, 2000)
                .mapToObj(i -> (Supplier<Integer>) () -> i)
                .toList();
        List<Optional<Integer>> parts = new Reckoning(60).parts(Rank.MANY, many);
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
        List<Optional<Boolean>> parts = new Reckoning(LIMIT).parts(Rank.MANY, many);
        assertThat(parts.get(0)).contains(true);
        assertThat(parts.subList(1, 2001)).containsOnly(Optional.empty());
        assertThat(done.get()).isLessThan(100);
    }

    @Test
    void neverMoreAtOnceThanThereAreCores() throws Exception {
        Reckoning reckoning = new Reckoning(60);
        AtomicInteger now = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        List<Future<Boolean>> all = new ArrayList<>();
        for (int i = 0; i < 6 * CORES; i++) {
            all.add(people.submit(() -> reckoning.whole(Rank.ONE, "it", () -> {
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
        Reckoning reckoning = new Reckoning(LIMIT);
        assertThatThrownBy(() -> reckoning.whole(Rank.ONE, "the speeds", ReckoningTest::endless))
                .isInstanceOf(RefusedException.class)
                .hasMessageContainingAll("2.0 s", "the speeds");
        assertThat(reckoning.whole(Rank.ONE, "it", () -> true)).isTrue();
    }

    @Test
    void partsThatAreFinishedAreGivenAndTheOthersAreNot() {
        Reckoning reckoning = new Reckoning(LIMIT);
        List<Supplier<Boolean>> parts = List.of(() -> true, ReckoningTest::endless, () -> false);
        assertThat(reckoning.parts(Rank.MANY, parts))
                .containsExactly(Optional.of(true), Optional.empty(), Optional.of(false));
    }

    @Test
    void insideOfAnotherItTakesFromItsBudget() {
        Reckoning reckoning = new Reckoning(LIMIT);
        List<Optional<Boolean>> parts = reckoning.whole(
                Rank.ONE, "it", () -> reckoning.parts(Rank.MANY, List.of(() -> true, ReckoningTest::endless)));
        assertThat(parts).containsExactly(Optional.of(true), Optional.empty());
    }

    /** Every core is taken by rows, and by answers, that would never end by themselves. */
    @ParameterizedTest
    @CsvSource({"MANY, ONE", "MANY, DRAGGED", "ONE, DRAGGED"})
    void thoseAfterStepAside(Rank after, Rank before) throws Exception {
        Reckoning reckoning = new Reckoning(60);
        AtomicBoolean enough = new AtomicBoolean();
        AtomicInteger steps = new AtomicInteger();
        List<Future<Boolean>> all = new ArrayList<>();
        for (int i = 0; i < 2 * CORES; i++) {
            all.add(people.submit(() -> reckoning.whole(after, "it", () -> {
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
            all.add(people.submit(() -> reckoning.whole(before, "it", () -> {
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
        Reckoning reckoning = new Reckoning(LIMIT);
        CountDownLatch letGo = new CountDownLatch(1);
        CountDownLatch begun = new CountDownLatch(CORES);
        List<Future<Boolean>> rows = new ArrayList<>();
        for (int i = 0; i < CORES; i++) {
            rows.add(people.submit(() -> reckoning.whole(Rank.MANY, "the row", () -> {
                begun.countDown();
                return endless();
            })));
        }
        begun.await();
        for (int i = 0; i < CORES; i++) {
            people.submit(() -> reckoning.whole(Rank.ONE, "it", () -> waited(letGo)));
        }
        for (Future<Boolean> row : rows) {
            assertThatThrownBy(row::get).hasCauseInstanceOf(RefusedException.class);
        }
        letGo.countDown();
        assertThat(reckoning.whole(Rank.MANY, "it", () -> true)).isTrue();
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
        Reckoning reckoning = new Reckoning(60);
        CountDownLatch letGo = new CountDownLatch(1);
        int crowd = Reckoning.MOST_WAITING + CORES;
        for (int i = 0; i < crowd; i++) {
            people.submit(() -> reckoning.whole(Rank.MANY, "it", () -> waited(letGo)));
        }
        while (reckoning.underWay() < crowd) {
            LockSupport.parkNanos(1_000_000);
        }
        assertThatThrownBy(() -> reckoning.whole(Rank.MANY, "it", () -> true)).isInstanceOf(BusyException.class);
        letGo.countDown();
    }

    @Test
    void whoeverDoesNotComeToTheirTurnIsToldThatItIsBusy() throws Exception {
        Reckoning reckoning = new Reckoning(LIMIT);
        CountDownLatch letGo = new CountDownLatch(1);
        List<Future<?>> holding = new ArrayList<>();
        for (int i = 0; i < CORES; i++) {
            holding.add(people.submit(() -> reckoning.whole(Rank.ONE, "it", () -> waited(letGo))));
        }
        while (reckoning.underWay() < CORES) {
            Thread.onSpinWait();
        }
        assertThatThrownBy(() -> reckoning.whole(Rank.ONE, "it", () -> true)).isInstanceOf(BusyException.class);
        letGo.countDown();
    }

    @Test
    void anErrorIsTheErrorItWas() {
        Reckoning reckoning = new Reckoning(60);
        assertThatThrownBy(() -> reckoning.whole(Rank.ONE, "it", () -> {
                    throw RefusedException.of("no", "here", "No.");
                }))
                .isInstanceOf(RefusedException.class)
                .hasMessage("No.");
    }
}

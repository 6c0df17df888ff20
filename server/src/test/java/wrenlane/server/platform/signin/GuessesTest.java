package wrenlane.server.platform.signin;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import wrenlane.server.fixture.ManualClock;

class GuessesTest {
    private final ManualClock clock = new ManualClock();
    private final Guesses guesses = new Guesses(clock);

    @Test
    void twoWrongTriesCostNothing() {
        guesses.failed("a");
        guesses.failed("a");
        assertThat(guesses.wait("a")).isZero();
    }

    @Test
    void eachFurtherOneWaitsTwiceAsLongUpToFiveMinutes() {
        guesses.failed("a");
        guesses.failed("a");
        for (long expected : new long[] {1, 2, 4, 8, 16, 32, 64, 128, 256, 300, 300}) {
            guesses.failed("a");
            assertThat(guesses.wait("a")).hasSeconds(expected);
            clock.pass(Duration.ofSeconds(expected));
            assertThat(guesses.wait("a")).isZero();
        }
    }

    @Test
    void anAddressWaitsForItselfAlone() {
        for (int i = 0; i < 8; i++) {
            guesses.failed("a");
        }
        assertThat(guesses.wait("b")).isZero();
    }

    /** Thirty wrong tries, each from an address of its own: from then on one every five seconds, whoever it is. */
    @Test
    void manyAddressesTogetherAreSlowedDownToo() {
        for (int i = 0; i < 30; i++) {
            assertThat(guesses.wait("10.0.0." + i)).isZero();
            guesses.failed("10.0.0." + i);
        }
        assertThat(guesses.wait("10.0.1.1")).hasSeconds(5);
        clock.pass(Duration.ofSeconds(5));
        assertThat(guesses.wait("10.0.1.1")).isZero();
    }

    /** Who has one address of an IPv6 network has them all. */
    @Test
    void addressesOfOneNetworkCountAsOne() {
        for (int i = 0; i < 3; i++) {
            guesses.failed("fd00:1:2:3::" + i);
        }
        assertThat(guesses.wait("fd00:1:2:3:ffff::9")).hasSeconds(1);
        assertThat(guesses.wait("fd00:1:2:4::9")).isZero();
    }

    @Test
    void theRightOneForgetsWhatWasWrong() {
        for (int i = 0; i < 8; i++) {
            guesses.failed("a");
        }
        guesses.passed("a");
        assertThat(guesses.wait("a")).isZero();
    }

    /** What is left of a second is waited for as a whole one. */
    @Test
    void aWaitIsToldInWholeSeconds() {
        for (int i = 0; i < 4; i++) {
            guesses.failed("a");
        }
        clock.pass(Duration.ofMillis(500));
        assertThat(guesses.wait("a")).hasSeconds(2);
    }
}

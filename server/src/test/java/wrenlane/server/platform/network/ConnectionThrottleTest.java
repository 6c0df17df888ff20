package wrenlane.server.platform.network;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Duration;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wrenlane.server.fixture.ManualClock;

class ConnectionThrottleTest {
    private final ManualClock clock = new ManualClock();
    private final ConnectionThrottle throttle = new ConnectionThrottle(clock);

    private static InetAddress address(int i) {
        return address("10.0." + i / 250 + "." + (1 + i % 250));
    }

    private static InetAddress address(String literal) {
        try {
            return InetAddress.getByName(literal);
        } catch (UnknownHostException e) {
            throw new AssertionError("no address: " + literal, e);
        }
    }

    private long admitted(int from, int connections) {
        return IntStream.range(0, connections)
                .filter(i -> throttle.admits(address(from)))
                .count();
    }

    @Test
    void admitsTwoDozenConnectionsOfAStrangerAndThenTwoASecond() {
        assertThat(admitted(1, 100)).isEqualTo(24);
        clock.pass(Duration.ofSeconds(3));
        assertThat(admitted(1, 100)).isEqualTo(6);
    }

    @Test
    void admitsAStrangerBesideAnotherThatAsksTooOften() {
        admitted(1, 100);
        assertThat(throttle.admits(address(2))).isTrue();
    }

    @Test
    void limitsStrangersTogetherHoweverManyAddressesTheyHave() {
        assertThat(IntStream.range(0, 500)
                        .filter(i -> throttle.admits(address(i)))
                        .count())
                .isEqualTo(80);
        clock.pass(Duration.ofSeconds(2));
        assertThat(IntStream.range(500, 900)
                        .filter(i -> throttle.admits(address(i)))
                        .count())
                .isEqualTo(10);
    }

    @Test
    void admitsASignedInDeviceWhereStrangersAreRefused() {
        throttle.knows("10.0.0.8");
        IntStream.range(0, 500).forEach(i -> throttle.admits(address(100 + i)));
        assertThat(throttle.admits(address("10.0.0.8"))).isTrue();
        assertThat(throttle.admits(address("10.0.0.9"))).isFalse();
    }

    @Test
    void countsAnIpv6NetworkAsOneAddress() {
        long admitted = IntStream.range(1, 100)
                .filter(i -> throttle.admits(address("fd00:1:2:3::" + Integer.toHexString(i))))
                .count();
        assertThat(admitted).isEqualTo(24);
    }
}

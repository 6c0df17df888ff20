package wrenlane.server.platform.signin;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.function.IntFunction;
import org.springframework.stereotype.Component;

/**
 * Slows down guessing: after three wrong tries from an address each further one has to wait, twice as long as the one
 * before, up to five minutes. At that pace an address makes under 300 tries a day. However many addresses there are, after
 * thirty wrong tries together there is one more every five seconds. Addresses of one IPv6 network (/64) count as one, since
 * whoever has one has them all. Chosen by us.
 */
@Component
public class Guesses {
    private static final int FREE = 3;
    private static final int MOST_DOUBLINGS = 9;
    private static final Duration LONGEST = Duration.ofMinutes(5);
    private static final Duration FORGOTTEN = Duration.ofHours(12);
    private static final int MOST_ADDRESSES = 10_000;

    private static final int FREE_TOGETHER = 30;
    private static final Duration PAUSE_TOGETHER = Duration.ofSeconds(5);

    /** All addresses together, among addresses. */
    private static final String ALL = "*";

    private record FailedTries(int tries, Instant until) {}

    private final Clock clock;
    private final Cache<String, FailedTries> wrong = Caffeine.newBuilder()
            .expireAfterWrite(FORGOTTEN)
            .maximumSize(MOST_ADDRESSES)
            .build();

    Guesses(Clock clock) {
        this.clock = clock;
    }

    /** How long an address still has to wait before it may try again, rounded up to whole seconds; zero for now. */
    Duration wait(String address) {
        Duration own = left(network(address));
        Duration together = left(ALL);
        return own.compareTo(together) > 0 ? own : together;
    }

    private Duration left(String who) {
        FailedTries so = wrong.getIfPresent(who);
        if (so == null || !clock.instant().isBefore(so.until())) {
            return Duration.ZERO;
        }
        return Duration.ofSeconds(
                Duration.between(clock.instant(), so.until()).plusMillis(999).toSeconds());
    }

    /** Notes a wrong try. */
    void failed(String address) {
        note(network(address), Guesses::pause);
        note(ALL, tries -> tries < FREE_TOGETHER ? Duration.ZERO : PAUSE_TOGETHER);
    }

    private void note(String who, IntFunction<Duration> pause) {
        wrong.asMap().merge(who, new FailedTries(1, clock.instant()), (before, first) -> {
            int tries = before.tries() + 1;
            return new FailedTries(tries, clock.instant().plus(pause.apply(tries)));
        });
    }

    /** Forgets what was wrong before. */
    void passed(String address) {
        wrong.invalidate(network(address));
    }

    /** The first half of an IPv6 address; any other as it is. */
    public static String network(String address) {
        if (address.indexOf(':') < 0) {
            return address;
        }
        try {
            byte[] bytes = InetAddress.getByName(address).getAddress();
            return HexFormat.of().formatHex(bytes, 0, Math.min(bytes.length, IPV6_NETWORK_BYTES));
        } catch (UnknownHostException e) {
            return address;
        }
    }

    private static final int IPV6_NETWORK_BYTES = 8;

    private static Duration pause(int tries) {
        if (tries < FREE) {
            return Duration.ZERO;
        }
        Duration doubled = Duration.ofSeconds(1L << Math.min(tries - FREE, MOST_DOUBLINGS));
        return doubled.compareTo(LONGEST) < 0 ? doubled : LONGEST;
    }
}

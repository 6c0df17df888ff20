package wrenlane.server.network;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;

/**
 * Slows down guessing: after three wrong tries from an address each further one has to wait, twice as long as the one
 * before, up to five minutes. At that pace an address makes under 300 tries a day. Chosen by us.
 */
@Component
class Guesses {
    private static final int FREE = 3;
    private static final int MOST_DOUBLINGS = 9;
    private static final Duration LONGEST = Duration.ofMinutes(5);
    private static final Duration FORGOTTEN = Duration.ofHours(12);
    private static final int MOST_ADDRESSES = 10_000;

    private record Wrong(int tries, Instant until) {}

    private final Clock clock;
    private final Cache<String, Wrong> wrong = Caffeine.newBuilder()
            .expireAfterWrite(FORGOTTEN)
            .maximumSize(MOST_ADDRESSES)
            .build();

    Guesses(Clock clock) {
        this.clock = clock;
    }

    /** How long an address still has to wait before it may try again, rounded up to whole seconds; zero for now. */
    Duration wait(String address) {
        Wrong so = wrong.getIfPresent(address);
        if (so == null || !clock.instant().isBefore(so.until())) {
            return Duration.ZERO;
        }
        return Duration.ofSeconds(
                Duration.between(clock.instant(), so.until()).plusMillis(999).toSeconds());
    }

    /** Notes a wrong try. */
    void failed(String address) {
        wrong.asMap().merge(address, new Wrong(1, clock.instant()), (before, first) -> {
            int tries = before.tries() + 1;
            return new Wrong(tries, clock.instant().plus(pause(tries)));
        });
    }

    /** Forgets what was wrong before. */
    void passed(String address) {
        wrong.invalidate(address);
    }

    private static Duration pause(int tries) {
        if (tries < FREE) {
            return Duration.ZERO;
        }
        Duration doubled = Duration.ofSeconds(1L << Math.min(tries - FREE, MOST_DOUBLINGS));
        return doubled.compareTo(LONGEST) < 0 ? doubled : LONGEST;
    }
}

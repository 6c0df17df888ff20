package wrenlane.server.platform.network;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.net.InetAddress;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;
import wrenlane.server.platform.signin.Guesses;

/**
 * Limits how often the network may open a connection, before TLS: a handshake costs the laptop more than a run does. Each
 * address has an allowance, and all addresses without a signed-in device share one, so that however many strangers there
 * are, devices that are signed in still connect. An IPv6 network (/64) counts as one address.
 */
@ConditionalOnNetwork
@Component
public class ConnectionThrottle {
    /** Of a stranger's address; chosen by us: two browsers that open six connections each, twice over. */
    private static final Allowance.Rate ONE_STRANGER = new Allowance.Rate(24, Duration.ofMillis(500));

    /** Of an address with a signed-in device; chosen by us: a hotspot may hide a class's phones. */
    private static final Allowance.Rate ONE_KNOWN = new Allowance.Rate(200, Duration.ofMillis(50));

    /** Of all strangers together; chosen by us: a class of ten signs in within some seconds. */
    private static final Allowance.Rate ALL_STRANGERS = new Allowance.Rate(80, Duration.ofMillis(200));

    /** How long an address is known after a request of a signed-in device; chosen by us: a day in the yard. */
    private static final Duration KNOWN_FOR = Duration.ofHours(12);

    private static final int MOST_ADDRESSES = 10_000;
    private static final int MOST_KNOWN = 1000;

    private final Clock clock;
    private final Cache<String, Allowance> unknown =
            Caffeine.newBuilder().maximumSize(MOST_ADDRESSES).build();
    private final Cache<String, Allowance> known = Caffeine.newBuilder()
            .expireAfterWrite(KNOWN_FOR)
            .maximumSize(MOST_KNOWN)
            .build();
    private final Allowance strangers;

    ConnectionThrottle(Clock clock) {
        this.clock = clock;
        this.strangers = Allowance.full(ALL_STRANGERS, clock.instant());
    }

    /** Whether an address may open one more connection now; if so, it counts as opened. */
    boolean admits(InetAddress from) {
        Instant now = clock.instant();
        String address = Guesses.network(from.getHostAddress());
        Allowance ofKnown = known.getIfPresent(address);
        if (ofKnown != null) {
            return ofKnown.takes(now);
        }
        return unknown.get(address, a -> Allowance.full(ONE_STRANGER, now)).takes(now) && strangers.takes(now);
    }

    /** Notes that a signed-in device asks from an address. */
    public void knows(String address) {
        known.asMap().putIfAbsent(Guesses.network(address), Allowance.full(ONE_KNOWN, clock.instant()));
    }
}

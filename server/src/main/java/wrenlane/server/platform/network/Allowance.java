package wrenlane.server.platform.network;

import java.time.Duration;
import java.time.Instant;

/** A token bucket: so many at once, and one more each interval. Safe to use from several threads. */
final class Allowance {
    /**
     * How much is allowed.
     *
     * @param atOnce most at once, at least 1
     * @param interval until one more is allowed, above zero
     */
    record Rate(int atOnce, Duration interval) {
        Rate {
            if (atOnce < 1 || interval.isZero() || interval.isNegative()) {
                throw new IllegalArgumentException(
                        "atOnce is " + atOnce + " and interval " + interval + "; they are at least 1 and above zero");
            }
        }
    }

    private final Rate rate;

    /** When all of it is allowed again. */
    private Instant fullAt;

    private Allowance(Rate rate, Instant fullAt) {
        this.rate = rate;
        this.fullAt = fullAt;
    }

    /** With nothing taken of it yet. */
    static Allowance full(Rate rate, Instant now) {
        return new Allowance(rate, now);
    }

    /** Takes one if there is one left. */
    synchronized boolean takes(Instant now) {
        Instant from = fullAt.isAfter(now) ? fullAt : now;
        Instant then = from.plus(rate.interval());
        boolean left = !then.isAfter(now.plus(rate.interval().multipliedBy(rate.atOnce())));
        fullAt = left ? then : fullAt;
        return left;
    }
}

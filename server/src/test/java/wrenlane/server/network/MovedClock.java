package wrenlane.server.network;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** A clock that goes only as far as a test moves it. */
final class MovedClock extends Clock {
    private Instant now = Instant.parse("2026-05-01T09:00:00Z");

    void pass(Duration time) {
        now = now.plus(time);
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return this;
    }

    @Override
    public Instant instant() {
        return now;
    }
}

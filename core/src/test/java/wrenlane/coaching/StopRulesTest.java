package wrenlane.coaching;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wrenlane.coaching.StopRules.CountedRun;
import wrenlane.finding.Finding;

class StopRulesTest {
    private static final Instant NOW = Instant.parse("2026-05-14T10:00:00Z");

    private static CountedRun minutesAgo(String rider, long minutes, boolean drop) {
        return new CountedRun(rider, NOW.minus(Duration.ofMinutes(minutes)), drop);
    }

    private static List<String> codes(List<CountedRun> today, int longest) {
        return StopRules.USUAL.watch(today, longest, NOW).stream()
                .map(Finding::code)
                .toList();
    }

    /** A run every two minutes, from so many minutes ago until so many. */
    private static List<CountedRun> riding(int from, int to) {
        return IntStream.iterate(from, m -> m >= to, m -> m - 2)
                .mapToObj(m -> minutesAgo("r" + m % 3, m, false))
                .toList();
    }

    @Test
    void aQuietDayGoesOn() {
        assertThat(codes(List.of(), 50)).isEmpty();
        assertThat(codes(riding(40, 0), 50)).isEmpty();
        assertThat(codes(List.of(minutesAgo("Ines", 3, true)), 50)).isEmpty();
    }

    @Test
    void threeDropsStopTheLessonAndTwoOfOneStopThatRider() {
        List<CountedRun> today = new ArrayList<>(List.of(minutesAgo("Ines", 90, true), minutesAgo("Tomas", 60, true)));
        assertThat(codes(today, 50)).isEmpty();
        today.add(minutesAgo("Ines", 30, true));
        List<Finding> findings = StopRules.USUAL.watch(today, 50, NOW);
        assertThat(findings).extracting(Finding::code).containsExactly("drops-of-all", "drops-of-one");
        assertThat(findings.get(0).message().toString()).startsWith("3 drops today: stop the lesson.");
        assertThat(findings.get(1).message().toString()).startsWith("Ines has dropped the machine 2 times");
    }

    @Test
    void ridingTooLongAsksForARestUntilThereWasOne() {
        assertThat(codes(riding(52, 0), 50)).containsExactly("rest-due");
        assertThat(codes(riding(52, 0), 60)).isEmpty();
        // Heat: half an hour is enough.
        assertThat(codes(riding(32, 0), 30)).containsExactly("rest-due");
        // Nobody has ridden for eight minutes: that is the rest.
        assertThat(codes(riding(90, 8), 50)).isEmpty();
        // A rest from 30 to 20 minutes ago; since then twenty minutes.
        List<CountedRun> rested = new ArrayList<>(riding(90, 30));
        rested.addAll(riding(20, 0));
        assertThat(codes(rested, 50)).isEmpty();
        assertThat(codes(rested, 15)).containsExactly("rest-due");
    }

    @Test
    void aClockAheadDoesNotRideInTheFuture() {
        assertThat(codes(List.of(minutesAgo("Ines", -90, false), minutesAgo("Ines", 1, false)), 50))
                .isEmpty();
    }

    @Test
    void refusesRulesThatAreNone() {
        assertThatIllegalArgumentException().isThrownBy(() -> new StopRules(0, 2, 8));
        assertThatIllegalArgumentException().isThrownBy(() -> new StopRules(3, 2, 61));
    }
}

package wrenlane.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import wrenlane.rider.RiderLevel;

class TrendTest {
    private static CleanChance after(double clean, double faulty) {
        return CleanChance.of(RiderLevel.NOVICE, List.of(new Trial(1.6, clean, faulty, Instant.EPOCH)));
    }

    @Test
    void isSaidOnlyWhereItIsLikely() {
        assertThat(Trend.of(after(2, 8), after(9, 1))).isEqualTo(Trend.BETTER);
        assertThat(Trend.of(after(9, 1), after(2, 8))).isEqualTo(Trend.WORSE);
        assertThat(Trend.of(after(5, 1), after(6, 1))).isEqualTo(Trend.UNCLEAR);
    }

    @Test
    void aSideIsBehindOnlyWhereItIsClear() {
        assertThat(Trend.isClearlyBehind(after(2, 8), after(9, 1))).isTrue();
        assertThat(Trend.isClearlyBehind(after(9, 1), after(2, 8))).isFalse();
        assertThat(Trend.isClearlyBehind(after(5, 1), after(5, 1))).isFalse();
    }
}

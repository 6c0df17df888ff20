package wrenlane.coaching;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class FirstRunsTest {
    @Test
    void theFirstAtEveryPlaceDoNotCount() {
        List<String> runs = List.of("a1", "a2", "b3", "a4", "b5", "a6", "b7", "b8", "c9");
        assertThat(FirstRuns.scored(runs, (a, b) -> a.charAt(0) == b.charAt(0), 3))
                .containsExactly("a6", "b8");
        assertThat(FirstRuns.scored(runs, (a, b) -> a.charAt(0) == b.charAt(0), 0))
                .isEqualTo(runs);
    }
}

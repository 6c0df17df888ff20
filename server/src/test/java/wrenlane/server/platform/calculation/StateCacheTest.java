package wrenlane.server.platform.calculation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

class StateCacheTest {
    private final AtomicLong state = new AtomicLong(7);

    private final AtomicLong computed = new AtomicLong();

    private final StateCache<String, String> kept =
            new StateCache<>(state::get, 1000, text -> 10, text -> !text.startsWith("unfinished"));

    private String ask(String question) {
        return kept.get(question, () -> question + " " + computed.incrementAndGet());
    }

    @Test
    void computesAQuestionOnce() {
        assertThat(ask("gear")).isEqualTo("gear 1");
        assertThat(ask("gear")).isEqualTo("gear 1");
        assertThat(ask("cones")).isEqualTo("cones 2");
        assertThat(ask("gear")).isEqualTo("gear 1");
    }

    @Test
    void computesAnewOnceSomethingIsStored() {
        assertThat(ask("gear")).isEqualTo("gear 1");
        state.incrementAndGet();
        assertThat(ask("gear")).isEqualTo("gear 2");
    }

    @Test
    void whatIsStoredWhileItIsComputedIsNotMissedLater() {
        String early = kept.get("gear", () -> {
            state.incrementAndGet();
            return "read before";
        });
        assertThat(early).isEqualTo("read before");
        assertThat(ask("gear")).isEqualTo("gear 1");
    }

    @Test
    void whatIsNotFinishedIsAskedAnew() {
        assertThat(ask("unfinished")).isEqualTo("unfinished 1");
        assertThat(ask("unfinished")).isEqualTo("unfinished 2");
    }
}

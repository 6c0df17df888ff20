package wrenlane.server.platform.event;

import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

class NewsroomTest {
    /** A server that ends waits for open streams: whoever listens again meanwhile does not hold it up. */
    @Test
    void whoeverListensWhileItClosesIsLetGo() throws Exception {
        Newsroom clearance = new Newsroom();
        try {
            SseEmitter before = clearance.listen(null).orElseThrow();
            before.send("open");
            clearance.close();
            SseEmitter after = clearance.listen(null).orElseThrow();
            assertThatIllegalStateException().isThrownBy(() -> before.send("too late"));
            assertThatIllegalStateException().isThrownBy(() -> after.send("too late"));
        } finally {
            clearance.stop();
        }
    }
}

package wrenlane.server.platform.event;

import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

class NewsroomTest {
    /** A server that ends waits for open streams: whoever listens again meanwhile does not hold it up. */
    @Test
    void whoeverListensWhileItClosesIsLetGo() throws Exception {
        Newsroom room = new Newsroom();
        try {
            SseEmitter before = room.listen(null).orElseThrow();
            before.send("open");
            room.close();
            SseEmitter after = room.listen(null).orElseThrow();
            assertThatIllegalStateException().isThrownBy(() -> before.send("too late"));
            assertThatIllegalStateException().isThrownBy(() -> after.send("too late"));
        } finally {
            room.stop();
        }
    }
}

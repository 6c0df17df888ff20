package wrenlane.server.platform.event;

import io.swagger.v3.oas.annotations.Hidden;
import java.security.Principal;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** News of what was changed. */
@RestController
@RequestMapping("/api/news")
class NewsController {
    private final Newsroom newsroom;

    NewsController(Newsroom newsroom) {
        this.newsroom = newsroom;
    }

    /**
     * A stream of news, as server-sent events, each with the topic and day it is about; it lasts as long as it is read. Status
     * 204, upon which a browser leaves off, where too many listen.
     */
    @Hidden
    @GetMapping(produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    ResponseEntity<SseEmitter> listen(@Nullable Principal device) {
        return newsroom.listen(device == null ? null : device.getName())
                .map(ResponseEntity::ok)
                .orElseGet(() -> ResponseEntity.noContent().build());
    }
}

package wrenlane.server.exchange.paper;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;

/** Answers with a file to take away. */
final class Download {
    private Download() {}

    static ResponseEntity<byte[]> of(byte[] bytes, String mediaType, String name) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, mediaType)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(bytes);
    }

    /** A text in UTF-8. */
    static ResponseEntity<byte[]> of(String text, String mediaType, String name) {
        return of(text.getBytes(StandardCharsets.UTF_8), mediaType, name);
    }
}

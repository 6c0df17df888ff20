package wrenlane.server.exchange.days;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Courses and days as files of the app's own open format. */
@RestController
@RequestMapping("/api")
class ExportController {
    private final ExportService service;

    ExportController(ExportService service) {
        this.service = service;
    }

    /** The course as a file that another school can bring in. */
    @GetMapping(value = "/courses/{id}/export.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> exportCourse(@PathVariable long id) {
        return file(service.course(id), "course-" + id + ".json");
    }

    /** The day with all it needs as a file that another school can bring in. */
    @GetMapping(value = "/days/{id}/export.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> exportDay(@PathVariable long id) {
        return file(service.day(id), "day-" + id + ".json");
    }

    private static ResponseEntity<String> file(String json, String name) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .contentType(MediaType.APPLICATION_JSON)
                .body(json);
    }
}

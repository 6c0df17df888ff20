package wrenlane.server.exchange.runs;

import jakarta.validation.Valid;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Runs as files. */
@RestController
@RequestMapping("/api")
class RunFileController {
    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");

    private final RunFileService service;
    private final RunTable table;

    RunFileController(RunFileService service, RunTable table) {
        this.service = service;
        this.table = table;
    }

    /** Runs that count, as CSV: of everybody, of a rider, or of a day. */
    @GetMapping(value = "/runs.csv", produces = "text/csv")
    ResponseEntity<StreamingResponseBody> exportRunsCsv(
            @RequestParam(required = false) @Nullable Long riderId,
            @RequestParam(required = false) @Nullable Long dayId) {
        return file("runs.csv", CSV, out -> table.csv(new RunTable.RunOwner(riderId, dayId), out));
    }

    /** The same as JSON. */
    @GetMapping(value = "/runs.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<StreamingResponseBody> exportRunsJson(
            @RequestParam(required = false) @Nullable Long riderId,
            @RequestParam(required = false) @Nullable Long dayId) {
        return file(
                "runs.json", MediaType.APPLICATION_JSON, out -> table.json(new RunTable.RunOwner(riderId, dayId), out));
    }

    private static ResponseEntity<StreamingResponseBody> file(String name, MediaType type, StreamingResponseBody body) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .contentType(type)
                .body(body);
    }

    /** What a table of runs would bring in, and everything that is wrong with it, line by line. Stores nothing. */
    @PostMapping("/calculations/run-file-previews")
    RunFilePreview previewRuns(@Valid @RequestBody RunFileRequest request) {
        return service.preview(request);
    }

    /** Brings a table of runs in: all of it, or nothing. */
    @PostMapping("/run-files")
    @ResponseStatus(HttpStatus.CREATED)
    RunFileService.ImportCount importRuns(@Valid @RequestBody RunFileRequest request) {
        return service.bringIn(request);
    }
}

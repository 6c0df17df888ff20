package wrenlane.server.platform.backup;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.server.platform.creation.Creations;
import wrenlane.server.platform.storage.Copies.Copy;

/** Copies of the data. */
@RestController
@RequestMapping("/api/copies")
class CopyController {
    private static final String SQLITE = "application/vnd.sqlite3";

    private final CopyService service;

    CopyController(CopyService service) {
        this.service = service;
    }

    /** Copies of the data that are kept. */
    @GetMapping
    List<Copy> listCopies() {
        return service.all();
    }

    /** Keeps a copy of the data as it is now. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Copy createCopy(@RequestHeader(name = Creations.HEADER, required = false) @Nullable String key) {
        return service.keep(key);
    }

    /** A copy as a file, to be kept elsewhere. */
    @GetMapping(value = "/{name}", produces = SQLITE)
    ResponseEntity<Resource> downloadCopy(@PathVariable String name) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("wren-lane-" + name)
                                .build()
                                .toString())
                .body(new FileSystemResource(service.file(name)));
    }

    /** Brings a copy that was kept elsewhere among the others; it is looked at, and nothing is restored yet. */
    @PostMapping(value = "/uploads", consumes = SQLITE)
    @ResponseStatus(HttpStatus.CREATED)
    Copy uploadCopy(HttpServletRequest request) throws IOException {
        return service.bring(request.getInputStream(), request.getContentLengthLong());
    }

    /**
     * Which copy to restore.
     *
     * @param name of one that is kept
     */
    record RestoreRequest(@NotBlank @Size(max = 100) String name) {}

    /**
     * What came of it.
     *
     * @param before what the data as it was is kept as
     */
    record RestoreResponse(String before) {}

    /** Puts a copy in the place of the data; the data as it was is kept as a copy itself. */
    @PostMapping("/restorations")
    RestoreResponse restoreCopy(@Valid @RequestBody RestoreRequest request) {
        return new RestoreResponse(service.restore(request.name()));
    }
}

package wrenlane.server.exchange.records;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.server.platform.http.ExpectedVersion;

/** All that is kept of one rider. */
@RestController
@RequestMapping("/api/riders/{id}")
class RecordsController {
    private final RecordsService service;

    RecordsController(RecordsService service) {
        this.service = service;
    }

    /** How much is kept. */
    @GetMapping("/records")
    RecordCounts getRecords(@PathVariable long id) {
        return service.kept(id);
    }

    /** Everything that is kept, as a file. */
    @GetMapping("/records.json")
    ResponseEntity<RecordsFile> exportRecords(@PathVariable long id) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("rider-" + id + ".json")
                                .build()
                                .toString())
                .body(service.file(id));
    }

    /** Deletes a rider with everything that is kept of them. Copies made before still hold it. */
    @DeleteMapping("/records")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteRecords(@PathVariable long id, @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch) {
        service.delete(id, ExpectedVersion.of(ifMatch));
    }
}

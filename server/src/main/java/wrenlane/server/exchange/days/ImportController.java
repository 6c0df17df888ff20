package wrenlane.server.exchange.days;

import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Brings in a file of days in the app's own open format. */
@RestController
@RequestMapping("/api")
class ImportController {
    private final ImportService service;

    ImportController(ImportService service) {
        this.service = service;
    }

    /** Brings a file in: all of it, or nothing. */
    @PostMapping(value = "/imports", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    ImportService.ImportResponse importFile(@RequestBody String file) {
        return service.bringIn(file);
    }

    /** What a file would bring in, and everything that is wrong with it. Stores nothing. */
    @PostMapping(value = "/calculations/import-previews", consumes = MediaType.APPLICATION_JSON_VALUE)
    ImportService.PreviewResponse previewImport(@RequestBody String file) {
        return service.preview(file);
    }
}

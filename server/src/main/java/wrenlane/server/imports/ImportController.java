package wrenlane.server.imports;

import jakarta.validation.Valid;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Brings in a file of days in the app's own open format. */
@RestController
@RequestMapping("/api/imports")
class ImportController {
    private final ImportService service;

    ImportController(ImportService service) {
        this.service = service;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ImportService.ImportResponse bringIn(@Valid @RequestBody ImportDocument document) {
        return service.bringIn(document);
    }
}

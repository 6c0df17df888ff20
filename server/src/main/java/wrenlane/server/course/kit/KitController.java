package wrenlane.server.course.kit;

import jakarta.validation.Valid;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.server.platform.http.ExpectedVersion;

/** What the school owns. */
@RestController
@RequestMapping("/api/kit")
class KitController {
    private final KitService service;

    KitController(KitService service) {
        this.service = service;
    }

    /** Cones and markers that the school owns. */
    @GetMapping
    KitResponse getKit() {
        return service.get();
    }

    /** Sets what the school owns. */
    @PutMapping
    KitResponse putKit(@RequestHeader(HttpHeaders.IF_MATCH) String ifMatch, @Valid @RequestBody KitJson kit) {
        return service.put(ExpectedVersion.of(ifMatch), kit);
    }
}

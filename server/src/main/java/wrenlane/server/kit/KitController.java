package wrenlane.server.kit;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the school owns. */
@RestController
@RequestMapping("/api/kit")
class KitController {
    private final KitService service;

    KitController(KitService service) {
        this.service = service;
    }

    @GetMapping
    KitJson getKit() {
        return service.get();
    }

    @PutMapping
    KitJson putKit(@Valid @RequestBody KitJson kit) {
        return service.put(kit);
    }
}

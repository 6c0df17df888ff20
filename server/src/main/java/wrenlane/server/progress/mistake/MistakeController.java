package wrenlane.server.progress.mistake;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The mistakes that hold a rider back. */
@RestController
@RequestMapping("/api/riders/{id}/progress/mistakes")
class MistakeController {
    private final MistakeService service;

    MistakeController(MistakeService service) {
        this.service = service;
    }

    /** What the mistakes that hold a rider back cost in room, at the setting last ridden. */
    @GetMapping
    MistakeReport getMistakesMade(@PathVariable long id, @RequestParam String kind) {
        return service.costs(id, kind);
    }
}

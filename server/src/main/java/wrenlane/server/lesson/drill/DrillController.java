package wrenlane.server.lesson.drill;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.drill.Drill;
import wrenlane.drill.PassMark;
import wrenlane.drill.Stage;
import wrenlane.drill.TimedRideLimit.StopSign;
import wrenlane.server.platform.http.ExpectedVersion;

/** Drills: those that came with the app, changed ones, one's own. */
@RestController
@RequestMapping("/api")
class DrillController {
    private final DrillService service;

    DrillController(DrillService service) {
        this.service = service;
    }

    /** A stage in words. */
    record StageText(Stage stage, String label, String summary) {}

    /** A measure in words. */
    record MeasureText(PassMark.Measure measure, String label) {}

    /** A stop sign in words. */
    record StopSignText(StopSign sign, String label) {}

    /** The catalogue with the words it needs. */
    record CatalogueResponse(
            List<StageText> stages,
            List<MeasureText> measures,
            List<StopSignText> stopSigns,
            List<StoredDrill> drills) {}

    /** Whether a drill is left out. */
    record HiddenJson(@NotNull Boolean hidden) {}

    /** Every drill in its stages, the school's own among them. */
    @GetMapping("/drills")
    CatalogueResponse listDrills() {
        return new CatalogueResponse(
                Arrays.stream(Stage.values())
                        .map(s -> new StageText(s, s.label(), s.summary()))
                        .toList(),
                Arrays.stream(PassMark.Measure.values())
                        .map(m -> new MeasureText(m, m.label()))
                        .toList(),
                Arrays.stream(StopSign.values())
                        .map(s -> new StopSignText(s, s.label()))
                        .toList(),
                service.all());
    }

    /** One drill, as it was changed here. */
    @GetMapping("/drills/{id}")
    StoredDrill getDrill(@PathVariable String id) {
        return service.get(id);
    }

    /** Changes a drill, or makes one. */
    @PutMapping("/drills/{id}")
    StoredDrill putDrill(
            @PathVariable String id, @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch, @RequestBody Drill drill) {
        return service.put(id, ExpectedVersion.of(ifMatch), drill);
    }

    /** Takes a drill of one's own away, or restores a shipped one as it came. */
    @DeleteMapping("/drills/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restoreDrill(@PathVariable String id, @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch) {
        service.restore(id, ExpectedVersion.of(ifMatch));
    }

    /** Hides a drill from choices and plans, or shows it again. */
    @PutMapping("/drills/{id}/hidden")
    StoredDrill hideDrill(
            @PathVariable String id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody HiddenJson hidden) {
        return service.hide(id, ExpectedVersion.of(ifMatch), hidden.hidden());
    }

    /** One drill as a file. */
    @GetMapping(value = "/drills/{id}/export.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> exportDrill(@PathVariable String id) {
        return download(id, service.file(id));
    }

    /** All drills as a file. */
    @GetMapping(value = "/drills/export.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> exportDrills() {
        return download("drills", service.file(null));
    }

    private static ResponseEntity<String> download(String name, String file) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + ".drills.json\"")
                .body(file);
    }

    /** Brings drills in from a file: all of them, or none. */
    @PostMapping(value = "/drill-imports", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    List<StoredDrill> importDrills(@RequestBody String file) {
        return service.bringIn(file);
    }
}

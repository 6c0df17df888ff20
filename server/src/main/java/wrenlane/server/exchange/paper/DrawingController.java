package wrenlane.server.exchange.paper;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.drawing.Drawing;
import wrenlane.drawing.DrawingFormat;
import wrenlane.drawing.DrawingFormats;
import wrenlane.rider.RiderLevel;
import wrenlane.server.people.rider.LeanLimit;
import wrenlane.server.platform.problem.NotFoundException;

/** Drawings in metres, in any format there is. */
@RestController
@RequestMapping("/api")
class DrawingController {
    private final PaperService service;

    DrawingController(PaperService service) {
        this.service = service;
    }

    /** The course drawn in metres; formats are listed under `/api/about`. */
    @GetMapping("/courses/{id}/drawing.{format}")
    ResponseEntity<byte[]> drawCourse(
            @PathVariable long id,
            @PathVariable String format,
            @RequestParam(required = false) @Nullable Long dayId,
            @RequestParam(required = false) @Nullable Long machineId,
            @RequestParam(defaultValue = "DEVELOPING") RiderLevel level,
            @RequestParam(required = false) @DecimalMin(LeanLimit.LEAST) @DecimalMax(LeanLimit.GREATEST) @Nullable
                    Double mostLeanRadians) {
        DrawingFormat into = format(format);
        return file(
                service.courseDrawing(id, dayId, machineId, LeanLimit.limits(level, mostLeanRadians)),
                into,
                "course-" + id);
    }

    /** Every placed course of the day, drawn in metres; formats are listed under `/api/about`. */
    @GetMapping("/days/{id}/drawing.{format}")
    ResponseEntity<byte[]> drawDay(@PathVariable long id, @PathVariable String format) {
        DrawingFormat into = format(format);
        return file(service.yardDrawing(id), into, "day-" + id);
    }

    private static DrawingFormat format(String id) {
        return DrawingFormats.find(id).orElseThrow(() -> new NotFoundException("drawing format", id));
    }

    private static ResponseEntity<byte[]> file(Drawing drawing, DrawingFormat format, String name) {
        return Download.of(format.write(drawing), format.mediaType(), name + "." + format.id());
    }
}

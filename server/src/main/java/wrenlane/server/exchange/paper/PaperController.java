package wrenlane.server.exchange.paper;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.rider.RiderLevel;
import wrenlane.server.ground.setup.SetupRequest.YardLine;
import wrenlane.server.people.rider.LeanLimit;
import wrenlane.server.platform.http.ReaderUnits;
import wrenlane.units.LengthSystem;

/** Downloads: sheets and plans as PDF, CSV, SVG and DXF. */
@RestController
@RequestMapping("/api")
class PaperController {
    private final PaperService service;
    private final LessonPaper lessons;
    private final DebriefPaper debriefs;
    private final ReportPaper reports;

    PaperController(PaperService service, LessonPaper lessons, DebriefPaper debriefs, ReportPaper reports) {
        this.reports = reports;
        this.debriefs = debriefs;
        this.service = service;
        this.lessons = lessons;
    }

    /** The setup sheet on paper. */
    @GetMapping(value = "/courses/{id}/setup-sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> printSetup(
            @PathVariable long id,
            @RequestParam(required = false) @Nullable Long dayId,
            @RequestParam(defaultValue = "METRIC") LengthSystem system,
            @RequestParam(defaultValue = "A4") Paper paper,
            @RequestParam(required = false) @Nullable Long machineId,
            @RequestParam(defaultValue = "DEVELOPING") RiderLevel level,
            @RequestParam(required = false) @DecimalMin(LeanLimit.LEAST) @DecimalMax(LeanLimit.GREATEST) @Nullable
                    Double mostLeanRadians,
            @RequestParam(required = false) @Nullable YardLine line,
            @RequestParam(defaultValue = "0") int number,
            @RequestParam(defaultValue = "false") boolean fromItsEnd) {
        PaperRequest request = PaperRequest.of(
                dayId,
                ReaderUnits.figures(system),
                paper,
                machineId,
                LeanLimit.limits(level, mostLeanRadians),
                line,
                number,
                fromItsEnd);
        return Download.of(
                service.setupPdf(id, request), MediaType.APPLICATION_PDF_VALUE, "setup-sheet-" + id + ".pdf");
    }

    /** Where each cone goes, in metres from the datum, as CSV. */
    @GetMapping(value = "/courses/{id}/setup-sheet.csv", produces = "text/csv")
    ResponseEntity<byte[]> exportSetup(
            @PathVariable long id,
            @RequestParam(required = false) @Nullable Long dayId,
            @RequestParam(defaultValue = "METRIC") LengthSystem system,
            @RequestParam(required = false) @Nullable YardLine line,
            @RequestParam(defaultValue = "0") int number,
            @RequestParam(defaultValue = "false") boolean fromItsEnd) {
        PaperRequest request = PaperRequest.of(
                dayId,
                ReaderUnits.figures(system),
                Paper.A4,
                null,
                RiderLevel.DEVELOPING.limits(),
                line,
                number,
                fromItsEnd);
        return Download.of(
                SetupCsv.of(service.sheet(id, request)), "text/csv;charset=UTF-8", "setup-sheet-" + id + ".csv");
    }

    /** Every course of the day where it stands in the yard, on paper. */
    @GetMapping(value = "/days/{id}/cone-plan.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> printConePlan(
            @PathVariable long id,
            @RequestParam(defaultValue = "METRIC") LengthSystem system,
            @RequestParam(defaultValue = "A4") Paper paper) {
        PaperRequest request = PaperRequest.of(
                id, ReaderUnits.figures(system), paper, null, RiderLevel.DEVELOPING.limits(), null, 0, false);
        return Download.of(
                service.conePlanPdf(id, request), MediaType.APPLICATION_PDF_VALUE, "cone-plan-" + id + ".pdf");
    }

    /** The lesson plan, rider cards, drill cards and cues on paper. */
    @GetMapping(value = "/days/{id}/lesson.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> printLesson(
            @PathVariable long id,
            @RequestParam(defaultValue = "METRIC") LengthSystem system,
            @RequestParam(defaultValue = "A4") Paper paper) {
        return Download.of(
                lessons.lessonPdf(id, ReaderUnits.figures(system), paper),
                MediaType.APPLICATION_PDF_VALUE,
                "lesson-" + id + ".pdf");
    }

    /** What the day came to, on paper. */
    @GetMapping(value = "/days/{id}/debrief.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> printDebrief(
            @PathVariable long id,
            @RequestParam(defaultValue = "METRIC") LengthSystem system,
            @RequestParam(defaultValue = "A4") Paper paper) {
        return Download.of(
                debriefs.debriefPdf(id, ReaderUnits.figures(system), paper),
                MediaType.APPLICATION_PDF_VALUE,
                "debrief-" + id + ".pdf");
    }

    /** A rider's progress on one kind of course. */
    @GetMapping(value = "/riders/{id}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> printReport(
            @PathVariable long id,
            @RequestParam(required = false) @Nullable String kind,
            @RequestParam(defaultValue = "METRIC") LengthSystem system,
            @RequestParam(defaultValue = "A4") Paper paper) {
        return Download.of(
                reports.reportPdf(id, kind, ReaderUnits.figures(system), paper),
                MediaType.APPLICATION_PDF_VALUE,
                "report-" + id + ".pdf");
    }
}

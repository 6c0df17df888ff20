package wrenlane.server.exchange.paper;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.course.NamedCourse;
import wrenlane.course.NestedCourse;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.MarkerCount;
import wrenlane.day.Day;
import wrenlane.drawing.Drawing;
import wrenlane.id.CourseId;
import wrenlane.id.YardId;
import wrenlane.plane.Point;
import wrenlane.rideline.LinePoint;
import wrenlane.rideline.LineProfile;
import wrenlane.rider.RiderLimits;
import wrenlane.server.course.CourseService;
import wrenlane.server.course.evaluation.EvaluationService;
import wrenlane.server.day.DayService;
import wrenlane.server.ground.setup.SetupService;
import wrenlane.server.ground.yard.YardService;
import wrenlane.server.lesson.briefing.BriefingResponse;
import wrenlane.server.lesson.briefing.BriefingService;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.setup.SetupSheet;
import wrenlane.verdict.RidingMark;
import wrenlane.yard.CoursePlacement;
import wrenlane.yard.NamedYard;
import wrenlane.yard.PlacedGround;
import wrenlane.yard.SharedCones;

/** Puts courses and days on paper and in files. */
@Service
class PaperService {
    /** As dates stand on paper. */
    static final DateTimeFormatter DATE = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

    private final CourseService courses;
    private final DayService days;
    private final BriefingService briefings;
    private final YardService yards;
    private final EvaluationService evaluations;
    private final SetupService setups;
    private final PdfWriter pdf;

    PaperService(
            CourseService courses,
            DayService days,
            BriefingService briefings,
            YardService yards,
            EvaluationService evaluations,
            SetupService setups,
            PdfWriter pdf) {
        this.courses = courses;
        this.days = days;
        this.briefings = briefings;
        this.yards = yards;
        this.evaluations = evaluations;
        this.setups = setups;
        this.pdf = pdf;
    }

    /** A course's sheet, measured from where a day has it stand. */
    SetupSheet sheet(long courseId, PaperRequest request) {
        Optional<Day> day = Optional.ofNullable(request.dayId()).map(days::get);
        return setups.sheet(
                nested(courses.get(courseId), day),
                request.figures().system(),
                yardId(day),
                placement(day, new CourseId(courseId)),
                request.along());
    }

    /** At all settings it stands at on a day. */
    private static NestedCourse nested(NamedCourse course, Optional<Day> day) {
        return day.map(d -> d.nested(course)).orElseGet(() -> NestedCourse.of(course.course()));
    }

    private static @Nullable CoursePlacement placement(Optional<Day> day, CourseId courseId) {
        return day.flatMap(d -> d.placement(courseId)).orElse(null);
    }

    private static @Nullable Long yardId(Optional<Day> day) {
        return day.flatMap(Day::yardId).map(YardId::value).orElse(null);
    }

    /** The setup sheet as PDF. */
    byte[] setupPdf(long courseId, PaperRequest request) {
        Map<String, Object> words = words(request);
        words.put("title", courses.get(courseId).name());
        words.put("sheets", List.of(paperSheet(courseId, request)));
        return pdf.write("cones.html", words);
    }

    private PaperSheet paperSheet(long courseId, PaperRequest request) {
        NamedCourse course = courses.get(courseId);
        return PaperSheet.of(
                course.name(),
                course.course().kind().label(),
                sheet(courseId, request),
                nested(course, Optional.ofNullable(request.dayId()).map(days::get))
                        .plan(),
                marks(course, request),
                also(courseId, request),
                request.figures(),
                request.paper());
    }

    /** What else each of its cones is, where it stands on the day. */
    private Map<String, String> also(long courseId, PaperRequest request) {
        Map<CourseId, PlacedGround> standing = Optional.ofNullable(request.dayId())
                .map(days::get)
                .map(day -> day.standing(courses.get(day.courseIds())))
                .orElse(Map.of());
        PlacedGround course = standing.get(new CourseId(courseId));
        return course == null ? Map.of() : SharedCones.also(course, List.copyOf(standing.values()));
    }

    private List<RidingMark> marks(NamedCourse course, PaperRequest request) {
        PaperRequest.Rider rider = request.rider();
        if (rider == null) {
            return List.of();
        }
        Optional<Day> day = Optional.ofNullable(request.dayId()).map(days::get);
        return evaluations
                .drawn(course.course(), rider.machineId(), rider.limits(), yardId(day), placement(day, course.id()))
                .marks();
    }

    private static Map<String, Object> words(PaperRequest request) {
        Map<String, Object> words = new LinkedHashMap<>();
        words.put("paper", request.paper().css());
        return words;
    }

    /** The day's cone plan as PDF: the yard with what stands on it, what to bring and to mind, then every sheet. */
    byte[] conePlanPdf(long dayId, PaperRequest request) {
        Day day = days.get(dayId);
        BriefingResponse briefing = briefings.briefing(dayId, request.figures().system());
        Map<String, Object> words = words(request);
        words.put("title", day.title());
        words.put("date", DATE.format(day.date()));
        Map<String, Object> plan = new LinkedHashMap<>();
        day.yardId().map(yards::get).ifPresent(yard -> {
            plan.put("yard", yard.name());
            plan.put("drawing", PaperDrawing.of(yardDrawing(yard, day), request.paper()));
        });
        plan.put(
                "bring",
                briefing.cones().stream()
                        .map(c -> new MarkerCount(c.marker(), c.needed()).text() + " and " + c.spare() + " spare"
                                + (c.missing() > 0 ? " (" + c.missing() + " more than the school owns)" : ""))
                        .toList());
        plan.put("besides", briefing.besides());
        plan.put(
                "cautions",
                briefing.cautions().stream()
                        .map(c -> request.figures().of(c.message()))
                        .toList());
        words.put("plan", plan);
        words.put(
                "sheets",
                day.courseIds().stream()
                        .map(id -> paperSheet(id.value(), request))
                        .toList());
        return pdf.write("cones.html", words);
    }

    /** The yard of a day with its courses. */
    Drawing yardDrawing(long dayId) {
        Day day = days.get(dayId);
        return day.yardId()
                .map(yards::get)
                .map(yard -> yardDrawing(yard, day))
                .orElseThrow(() -> RefusedException.of(
                        "no-yard", "yardId", "No yard is chosen for this day, so there is no plan of it."));
    }

    private Drawing yardDrawing(NamedYard yard, Day day) {
        List<Drawing.CourseDrawing> standing = new ArrayList<>();
        day.placements().forEach((id, placement) -> {
            NamedCourse course = courses.get(id);
            standing.add(
                    new Drawing.CourseDrawing(course.name(), day.nested(course).plan(), placement));
        });
        return Drawing.of(yard.yard(), standing);
    }

    /** A course as it stands on a day, with the rear wheel's line for a machine where one is named. */
    Drawing courseDrawing(long courseId, @Nullable Long dayId, @Nullable Long machineId, RiderLimits limits) {
        NamedCourse stored = courses.get(courseId);
        Course course = stored.course();
        CoursePlan plan =
                nested(stored, Optional.ofNullable(dayId).map(days::get)).plan();
        if (machineId == null) {
            return Drawing.of(plan, List.of(), List.of());
        }
        EvaluationService.LineDrawing drawn = evaluations.drawn(course, machineId, limits, null, null);
        List<Point> line = LineProfile.points(drawn.line().line()).stream()
                .map(LinePoint::rear)
                .toList();
        return Drawing.of(plan, line, drawn.marks());
    }
}

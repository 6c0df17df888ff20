package wrenlane.server.exchange.paper;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import wrenlane.course.NestedCourse;
import wrenlane.day.Day;
import wrenlane.drawing.Drawing;
import wrenlane.drill.Catalogue;
import wrenlane.drill.Drill;
import wrenlane.drill.DrillStep;
import wrenlane.lesson.Station;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayService;
import wrenlane.server.lesson.LessonResponse;
import wrenlane.server.lesson.LessonResponse.LessonRider;
import wrenlane.server.lesson.LessonResponse.PlannedBlock;
import wrenlane.server.lesson.LessonResponse.PlannedTurn;
import wrenlane.server.lesson.LessonService;
import wrenlane.server.lesson.check.CheckResponse.CheckItem;
import wrenlane.server.lesson.check.CheckService;
import wrenlane.server.lesson.drill.DrillService;
import wrenlane.units.Figures;

/** Puts a lesson on paper: the lesson plan and the check, a card for each rider and each drill, the cues in large type. */
@Service
class LessonPaper {
    private final DayService days;
    private final LessonService lessons;
    private final CheckService checks;
    private final DrillService drills;
    private final CourseService courses;
    private final PdfWriter pdf;

    LessonPaper(
            DayService days,
            LessonService lessons,
            CheckService checks,
            DrillService drills,
            CourseService courses,
            PdfWriter pdf) {
        this.courses = courses;
        this.days = days;
        this.lessons = lessons;
        this.checks = checks;
        this.drills = drills;
        this.pdf = pdf;
    }

    /** The lesson of a day as PDF. */
    byte[] lessonPdf(long dayId, Figures figures, Paper paper) {
        Day day = days.get(dayId);
        LessonResponse lesson = lessons.get(dayId, figures.system());
        Catalogue catalogue = drills.catalogue();
        Map<String, Object> words = new LinkedHashMap<>();
        words.put("paper", paper.css());
        words.put("title", day.title());
        words.put("date", PaperService.DATE.format(day.date()));
        words.put("from", lesson.settings().startsAt());
        words.put("to", at(lesson, lesson.settings().minutes()));
        words.put("weather", capital(lesson.settings().weather().label()));
        Optional.ofNullable(lesson.settings().school())
                .ifPresent(school -> words.put("method", school.label().toLowerCase(Locale.ROOT)));
        words.put(
                "findings",
                lesson.findings().stream().map(f -> figures.of(f.message())).toList());
        words.put(
                "blocks",
                lesson.blocks().stream().map(b -> block(lesson, b, figures)).toList());
        words.put(
                "check", checks.get(dayId).items().stream().map(CheckItem::text).toList());
        words.put(
                "riders",
                lesson.riders().stream()
                        .map(r -> rider(lesson, catalogue, r, figures))
                        .toList());
        List<Drill> ridden = ridden(lesson, catalogue);
        words.put(
                "drills",
                ridden.stream()
                        .map(d -> drill(d, plan(day, lesson, d, paper), figures))
                        .toList());
        words.put("cues", cues(lesson));
        return pdf.write("lesson.html", words);
    }

    private static String at(LessonResponse lesson, int minute) {
        return LocalTime.parse(lesson.settings().startsAt()).plusMinutes(minute).toString();
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private static Map<String, Object> block(LessonResponse lesson, PlannedBlock block, Figures figures) {
        Map<String, Object> words = new LinkedHashMap<>();
        words.put("from", at(lesson, block.startMinute()));
        words.put("minutes", block.minutes());
        words.put("what", block.label());
        if (block.stationName() != null) {
            words.put("where", block.stationName());
        }
        List<Double> stands = activeSizes(lesson, block);
        if (!stands.isEmpty()) {
            words.put("stands", SettingText.all(stands, figures));
        }
        Map<String, List<PlannedTurn>> byDrill = block.turns().stream()
                .collect(Collectors.groupingBy(t -> t.task().drillName(), LinkedHashMap::new, Collectors.toList()));
        List<Map<String, Object>> rows = new ArrayList<>();
        byDrill.forEach((name, turns) -> rows.add(Map.of(
                "drill", name,
                "runs", turns.stream().mapToInt(PlannedTurn::runs).min().orElse(0),
                "riders", turns.stream().map(t -> who(t, stands)).collect(Collectors.joining(", ")))));
        words.put("drills", rows);
        return words;
    }

    private static List<Double> activeSizes(LessonResponse lesson, PlannedBlock block) {
        return lesson.stations().stream()
                .filter(s -> s.id().equals(block.station()))
                .flatMap(s -> s.activeSizes().stream())
                .toList();
    }

    /** A rider with what is their own in a block: the letter of their setting, the side to begin on, a run more. */
    private static String who(PlannedTurn turn, List<Double> stands) {
        List<String> own = new ArrayList<>();
        if (stands.size() > 1) {
            turn.task().settingMetres().ifPresent(m -> own.add(NestedCourse.letter(stands.indexOf(m))));
        }
        turn.task()
                .weakSide()
                .ifPresent(side -> own.add(side.word() + " first" + (turn.left() == turn.right() ? "" : ", one more")));
        return turn.riderName() + (own.isEmpty() ? "" : " (" + String.join(", ", own) + ")");
    }

    /** The course a drill is ridden on, as it stands; empty for one in the open. */
    private Optional<PaperDrawing> plan(Day day, LessonResponse lesson, Drill drill, Paper paper) {
        return lesson.blocks().stream()
                .filter(b -> b.turns().stream().anyMatch(t -> t.task().drillId().equals(drill.id())))
                .flatMap(b -> Stream.ofNullable(b.station()))
                .filter(id -> !id.equals(Station.OPEN))
                .findFirst()
                .map(id -> day.nested(courses.get(Long.parseLong(id))).plan())
                .map(plan -> PaperDrawing.of(Drawing.of(plan, List.of(), List.of()), paper, CARD_SHARE));
    }

    /** Share of a page's drawing that a card has room for. */
    private static final double CARD_SHARE = 0.45;

    private static Map<String, Object> rider(
            LessonResponse lesson, Catalogue catalogue, LessonRider rider, Figures figures) {
        Map<String, Map<String, Object>> rows = new LinkedHashMap<>();
        Set<String> cautions = new LinkedHashSet<>();
        lesson.blocks().stream()
                .flatMap(b -> b.turns().stream())
                .filter(t -> t.riderId() == rider.id())
                .forEach(t -> catalogue.find(t.task().drillId()).ifPresent(d -> {
                    rows.put(
                            d.id(),
                            Map.of(
                                    "drill", d.name(),
                                    "cue", t.task().cue(),
                                    "setting",
                                            t.task()
                                                    .settingMetres()
                                                    .map(figures::length)
                                                    .orElse(""),
                                    "look", String.join(" ", d.words().look())));
                    cautions.addAll(d.words().cautions());
                }));
        Map<String, Object> words = new LinkedHashMap<>();
        words.put("name", rider.name());
        words.put("machine", rider.machineName());
        words.put("runs", rider.runs());
        words.put("drills", List.copyOf(rows.values()));
        words.put("cautions", List.copyOf(cautions));
        if (rider.meanwhile() != null) {
            words.put("meanwhile", rider.meanwhile().drillName());
        }
        return words;
    }

    private static List<Drill> ridden(LessonResponse lesson, Catalogue catalogue) {
        return lesson.blocks().stream()
                .flatMap(b -> b.turns().stream())
                .map(t -> t.task().drillId())
                .distinct()
                .flatMap(id -> catalogue.find(id).stream())
                .toList();
    }

    private static Map<String, Object> drill(Drill drill, Optional<PaperDrawing> plan, Figures figures) {
        Map<String, Object> words = new LinkedHashMap<>();
        plan.ifPresent(p -> words.put("drawing", p));
        words.put("name", drill.name());
        words.put("aim", drill.words().aim());
        words.put("how", drill.words().how());
        words.put("look", String.join(" ", drill.words().look()));
        words.put("watch", String.join("; ", drill.words().watch()));
        words.put("stand", drill.words().standAt());
        words.put(
                "steps",
                drill.steps().stream()
                        .map(DrillStep::says)
                        .map(figures.sign()::within)
                        .collect(Collectors.joining(" · ")));
        words.put("cautions", drill.words().cautions());
        return words;
    }

    private static List<Map<String, Object>> cues(LessonResponse lesson) {
        Map<String, Set<String>> drillsOf = new LinkedHashMap<>();
        lesson.blocks().stream()
                .flatMap(b -> b.turns().stream())
                .forEach(t -> drillsOf.computeIfAbsent(t.task().cue(), c -> new LinkedHashSet<>())
                        .add(t.task().drillName()));
        List<Map<String, Object>> cues = new ArrayList<>();
        drillsOf.forEach((cue, names) -> cues.add(Map.of("cue", cue, "drill", String.join(", ", names))));
        return cues;
    }
}

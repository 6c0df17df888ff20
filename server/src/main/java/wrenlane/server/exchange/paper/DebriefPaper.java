package wrenlane.server.exchange.paper;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import wrenlane.coaching.Homework;
import wrenlane.server.lesson.debrief.DebriefResponse;
import wrenlane.server.lesson.debrief.DebriefResponse.DrillCount;
import wrenlane.server.lesson.debrief.DebriefResponse.Review;
import wrenlane.server.lesson.debrief.DebriefResponse.RiderDebrief;
import wrenlane.server.lesson.debrief.DebriefService;
import wrenlane.server.platform.problem.BusyException;
import wrenlane.units.Figures;

/** Puts the debrief of a day on paper: what each rider is told and can practise alone, and how the lesson went. */
@Service
class DebriefPaper {
    private final DebriefService debriefs;
    private final PdfWriter pdf;

    DebriefPaper(DebriefService debriefs, PdfWriter pdf) {
        this.debriefs = debriefs;
        this.pdf = pdf;
    }

    /**
     * The debrief of a day as PDF.
     *
     * @throws BusyException where time ran out before every rider was looked at
     */
    byte[] debriefPdf(long dayId, Figures figures, Paper paper) {
        DebriefResponse debrief = debriefs.get(dayId, figures.system());
        if (debrief.unfinished()) {
            throw new BusyException();
        }
        Map<String, Object> words = new LinkedHashMap<>();
        words.put("paper", paper.css());
        words.put("title", debrief.title());
        words.put("date", PaperService.DATE.format(debrief.date()));
        words.put("runs", debrief.runs());
        words.put("clean", debrief.clean());
        words.put("drops", debrief.drops());
        words.put("minutes", debrief.minutes());
        words.put(
                "riders", debrief.riders().stream().map(r -> rider(r, figures)).toList());
        words.put("review", review(debrief.review()));
        return pdf.write("debrief.html", words);
    }

    private static Map<String, Object> review(Review review) {
        Map<String, Object> words = new LinkedHashMap<>();
        words.put("begun", review.begun());
        if (review.plannedMinutes() != null && review.riddenMinutes() != null) {
            words.put("ends", Map.of("planned", review.plannedMinutes(), "ridden", review.riddenMinutes()));
        }
        words.put("changes", review.changes());
        words.put(
                "tables",
                List.of(
                        Map.of("what", "Course", "parts", review.stations()),
                        Map.of("what", "Rider", "parts", review.riders())));
        return words;
    }

    private static Map<String, Object> rider(RiderDebrief rider, Figures figures) {
        Map<String, Object> words = new LinkedHashMap<>();
        words.put("name", rider.riderName());
        words.put(
                "what",
                Stream.of(rider.machineName(), rider.kindLabel())
                        .filter(w -> w != null)
                        .collect(Collectors.joining(", ")));
        List<String> computed = Stream.of(rider.better(), rider.holdsBack(), rider.next())
                .map(figures::of)
                .filter(s -> !s.isEmpty())
                .toList();
        words.put(
                "told",
                rider.own().text().isEmpty()
                        ? computed
                        : rider.own().text().lines().toList());
        words.put("drills", rider.drills().stream().map(DebriefPaper::drill).toList());
        words.put(
                "homework",
                rider.homework().stream().map(DebriefPaper::practice).toList());
        return words;
    }

    private static String drill(DrillCount drill) {
        Double minutes = drill.minutes();
        return drill.name() + ": " + drill.entries() + " logged, " + drill.clean() + " clean"
                + (minutes == null ? "" : String.format(Locale.ROOT, ", %.0f min", minutes)) + ".";
    }

    private static Map<String, Object> practice(Homework homework) {
        Map<String, Object> words = new LinkedHashMap<>();
        words.put("minutes", homework.minutes());
        words.put("cue", homework.cue());
        homework.begin().ifPresent(side -> words.put("side", side.word()));
        words.put(
                "parts",
                homework.parts().stream()
                        .map(p -> Map.of("minutes", p.minutes(), "what", p.what(), "how", String.join(" ", p.how())))
                        .toList());
        words.put("cautions", homework.cautions());
        words.put("signs", String.join(", ", homework.stopSigns()));
        return words;
    }
}

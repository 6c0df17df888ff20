package wrenlane.server.lesson.live;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import wrenlane.day.DayRider;
import wrenlane.lesson.Block;
import wrenlane.lesson.Lesson;
import wrenlane.lesson.LessonBrief;
import wrenlane.lesson.LessonPlanner;
import wrenlane.lesson.LiveLesson;
import wrenlane.lesson.Wish;
import wrenlane.server.lesson.LessonInputReader;
import wrenlane.server.lesson.LessonOfDay;
import wrenlane.server.lesson.LessonReader;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.units.LengthSystem;

/** Plans the rest of a lesson that is on anew, for who is there. */
@Component
class RestOfLesson {
    private static final String WAYS_OUT = "Make the lesson longer on Lesson, or end it as it was planned.";

    private final LessonReader lessons;
    private final LessonInputReader gathering;

    RestOfLesson(LessonReader lessons, LessonInputReader gathering) {
        this.lessons = lessons;
        this.gathering = gathering;
    }

    /**
     * What is to follow the step it is at: in the time that its settings leave, with what was still to come as far as it fits.
     *
     * @param system whose lengths the sizes are that riders begin at
     * @throws RefusedException where there is too little time left, or nobody is there
     */
    List<Block> plannedAnew(long dayId, LiveLesson running, Instant now, LengthSystem system) {
        LessonOfDay of = lessons.read(dayId);
        List<DayRider> there = of.present().stream()
                .filter(r -> !running.away().contains(String.valueOf(r.riderId())))
                .toList();
        int left = of.settings().minutes() - running.minuteAfterStep(now);
        if (left < LessonBrief.SHORTEST) {
            throw RefusedException.of(
                    "too-little-left",
                    "minutes",
                    "Fewer than " + LessonBrief.SHORTEST + " minutes are left after this. " + WAYS_OUT);
        }
        LessonBrief brief = gathering
                .gather(of, there, system)
                .brief()
                .orElseThrow(() ->
                        RefusedException.of("nobody", "riders", "Nobody is here who could ride: say on Range who is."));
        List<Wish> toCome = running.stationsToCome().stream()
                .filter(id -> brief.station(id).isPresent())
                .map(id -> new Wish(id, Optional.empty()))
                .toList();
        Lesson rest = LessonPlanner.rest(brief.rest(
                left, toCome, new LessonBrief.LessonInProgress(running.riddenAtEndOfStep(), running.standing())));
        rest.findings().stream()
                .filter(f -> f.code().equals("too-short"))
                .findFirst()
                .ifPresent(f -> {
                    throw RefusedException.of(f.code(), f.where(), f.message() + " " + WAYS_OUT);
                });
        return rest.blocks();
    }
}

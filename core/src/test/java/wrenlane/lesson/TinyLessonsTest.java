package wrenlane.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wrenlane.drill.Stage;
import wrenlane.lesson.Block.Sort;

/** The planner against every lesson there is, where there are few: any order of up to four rounds of any length. */
class TinyLessonsTest {
    private static final int SHORTEST_ROUND = 10;
    private static final int LONGEST_ROUND = 25;
    private static final int MOST_ROUNDS = 4;

    /** Briefing, warm-up, closing and debrief at their shortest. */
    private static final int AROUND = 20;

    static LongStream seeds() {
        return LongStream.range(0, 24);
    }

    private static LessonBrief tiny(SplittableRandom random) {
        List<String> riders = Briefs.riders(1 + random.nextInt(3));
        List<Station> stations = new ArrayList<>();
        for (String id : List.of(Station.OPEN, "box", "weave").subList(0, 2 + random.nextInt(2))) {
            Stage stage = Stage.values()[random.nextInt(6)];
            stations.add(Briefs.station(id, stage, 20 + random.nextInt(60), random.nextBoolean(), riders));
        }
        return new LessonBrief(40 + random.nextInt(26), riders, stations, 1, 0, Weather.DRY, List.of());
    }

    /** All lessons with rounds begun as some are, and as many more as there is time for. */
    private static void all(LessonBrief brief, List<Wish> begun, int left, List<Lesson> right) {
        if (!begun.isEmpty()) {
            Lesson lesson = LessonPlanner.plan(brief.with(brief.minutes(), begun));
            if (LessonChecker.check(brief, lesson).isEmpty()) {
                right.add(lesson);
            }
        }
        if (begun.size() == MOST_ROUNDS) {
            return;
        }
        for (Station next : brief.stations()) {
            boolean again =
                    !begun.isEmpty() && begun.get(begun.size() - 1).station().equals(next.id());
            // Riders take turns, so that nobody rides longer than a clutch lasts.
            int timedRides = next.shortestTimedRideMinutes() * brief.riders().size();
            int longest = Math.max(SHORTEST_ROUND, Math.min(LONGEST_ROUND, timedRides));
            for (int minutes = SHORTEST_ROUND; minutes <= Math.min(longest, left) && !again; minutes++) {
                List<Wish> more = new ArrayList<>(begun);
                more.add(new Wish(next.id(), Optional.of(minutes)));
                all(brief, more, left - minutes, right);
            }
        }
    }

    private static int minutes(Lesson lesson, Sort sort) {
        return lesson.blocks().stream()
                .filter(b -> b.sort() == sort)
                .mapToInt(Block::minutes)
                .sum();
    }

    private static long changes(Lesson lesson) {
        return lesson.blocks().stream()
                .filter(b -> b.sort() == Sort.CHANGE_OVER)
                .count();
    }

    private static List<String> ridden(Lesson lesson) {
        return lesson.blocks().stream()
                .filter(b -> b.sort() == Sort.DRILLS)
                .flatMap(b -> b.station().stream())
                .sorted()
                .toList();
    }

    /**
     * Of all right lessons that ride what the planner chose, as often and in any order, none rides longer, nor gets by with more
     * than one changeover less.
     */
    @ParameterizedTest
    @MethodSource("seeds")
    void noLessonRidesLongerOrChangesMuchLess(long seed) {
        LessonBrief brief = tiny(new SplittableRandom(seed));
        Lesson planned = LessonPlanner.plan(brief);
        assertThat(LessonChecker.check(brief, planned)).isEmpty();
        List<Lesson> right = new ArrayList<>();
        all(brief, List.of(), brief.minutes() - AROUND, right);
        List<Lesson> alike =
                right.stream().filter(l -> ridden(l).equals(ridden(planned))).toList();
        assertThat(alike).isNotEmpty();
        assertThat(alike).allSatisfy(other -> {
            assertThat(minutes(planned, Sort.DRILLS))
                    .as("%d min of %s", brief.minutes(), other.blocks())
                    .isGreaterThanOrEqualTo(minutes(other, Sort.DRILLS));
            assertThat(changes(planned)).isLessThanOrEqualTo(changes(other) + 1);
        });
    }
}

package wrenlane.lesson;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wrenlane.course.Sizes;
import wrenlane.finding.Sentence;
import wrenlane.lesson.LiveLesson.LessonRun;
import wrenlane.lesson.LiveLesson.NextRider;

/**
 * When cones are best moved for one rider. A change in the middle of a block is paid for by everybody who still rides what
 * stands: so it waits for them, until the block ends at the latest. From practice.
 *
 * @param others riders who still need what would be taken away, the next first
 * @param after how long it waits; zero where nobody else needs it, missing where there is no lesson plan to tell
 */
public record MoveMoment(List<String> others, Optional<Duration> after) {
    public MoveMoment {
        others = List.copyOf(others);
    }

    /**
     * By the lesson plan.
     *
     * @param station where the cones stand
     * @param goes settings that would no longer stand, in metres
     * @param rider for whom they would be moved
     * @param ridden runs of the day
     */
    public static MoveMoment during(
            LiveLesson lesson, String station, List<Double> goes, String rider, List<LessonRun> ridden, Instant now) {
        List<String> others = lesson.now().stream()
                .filter(block -> block.station().filter(station::equals).isPresent())
                .flatMap(block -> lesson.order(block, ridden).stream())
                .filter(up -> !up.rider().equals(rider) && needs(up, goes))
                .map(NextRider::rider)
                .distinct()
                .toList();
        Duration left = lesson.endsAt(now)
                .map(end -> Duration.between(now, end))
                .filter(d -> !d.isNegative())
                .orElse(Duration.ZERO);
        return new MoveMoment(others, Optional.of(others.isEmpty() ? Duration.ZERO : left));
    }

    /** Where no setting is planned for a turn, whatever stands may be ridden. */
    private static boolean needs(NextRider up, List<Double> goes) {
        return up.task()
                .settingMetres()
                .map(own -> goes.stream().anyMatch(g -> Sizes.areSame(g, own)))
                .orElse(!goes.isEmpty());
    }

    /**
     * Without a lesson plan: whoever rode what would be taken away may ride it again.
     *
     * @param rode those who did today, other than the rider asked for
     */
    public static MoveMoment without(List<String> rode) {
        return new MoveMoment(rode, rode.isEmpty() ? Optional.of(Duration.ZERO) : Optional.empty());
    }

    /** In a sentence, with riders called by their names. */
    public String said(UnaryOperator<String> name) {
        if (others.isEmpty()) {
            return "Nobody else needs the cones there now: move them before the next turn.";
        }
        String who = Sentence.listed(others.stream().map(name).toList());
        boolean one = others.size() == 1;
        return after.map(wait -> {
                    long minutes = Math.round(wait.toSeconds() / 60.0);
                    return String.format(
                            Locale.ROOT,
                            "%s still %s the sizes on the ground: best %s.",
                            who,
                            one ? "rides" : "ride",
                            minutes < 1 ? "now, as this block ends" : "when this block ends, in " + minutes + " min");
                })
                .orElse(who + " rode these sizes today: ask, or move them at the next rest.");
    }
}

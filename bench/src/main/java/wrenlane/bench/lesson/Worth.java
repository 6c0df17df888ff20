package wrenlane.bench.lesson;

import ai.timefold.solver.core.api.score.buildin.hardsoftlong.HardSoftLongScore;
import ai.timefold.solver.core.api.score.calculator.EasyScoreCalculator;
import java.util.HashSet;
import java.util.Set;
import wrenlane.lesson.Block;
import wrenlane.lesson.Lesson;
import wrenlane.lesson.LessonBrief;
import wrenlane.lesson.LessonChecker;
import wrenlane.lesson.LessonPlanner;
import wrenlane.lesson.Station;

/**
 * What a lesson is worth, for both alike: how many rules it breaks, and by how many minutes it is too long; then the minutes
 * that riders ride, each by its worth, half for what they rode before, less the minutes of changeovers.
 */
public class Worth implements EasyScoreCalculator<Order, HardSoftLongScore> {
    /** Parts of a worth-minute that are told apart. */
    private static final int PARTS = 10;

    @Override
    public HardSoftLongScore calculateScore(Order order) {
        LessonBrief wished = order.wished();
        return wished.wishes().isEmpty()
                ? HardSoftLongScore.of(-1000, 0)
                : of(order.brief(), LessonPlanner.plan(wished));
    }

    static HardSoftLongScore of(LessonBrief brief, Lesson lesson) {
        double worth = 0;
        int end = 0;
        Set<String> ridden = new HashSet<>();
        for (Block block : lesson.blocks()) {
            end = Math.max(end, block.endMinute());
            if (block.sort() == Block.Sort.CHANGE_OVER && block.area() == 0) {
                worth -= block.minutes();
            } else if (block.sort() == Block.Sort.DRILLS) {
                Station station = brief.station(block.station().orElseThrow()).orElseThrow();
                for (Block.Turn turn : block.turns()) {
                    boolean first = ridden.add(turn.rider() + " " + station.id());
                    double minutes = turn.runs() * station.passSeconds() / 60.0;
                    worth += minutes * turn.task().worth() * (first ? 1 : 0.5);
                }
            }
        }
        return HardSoftLongScore.of(
                -LessonChecker.check(brief, lesson).size() - Math.max(0, end - brief.minutes()),
                Math.round(PARTS * worth));
    }
}

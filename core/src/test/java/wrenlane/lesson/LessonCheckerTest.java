package wrenlane.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import wrenlane.finding.Finding;
import wrenlane.lesson.Block.Sort;
import wrenlane.lesson.Block.Turn;

/** Each rule is broken once, in a lesson that was right. */
class LessonCheckerTest {
    private static final LessonBrief BRIEF = Briefs.usual(4);
    private static final List<Block> RIGHT = LessonPlanner.plan(BRIEF).blocks();

    private static List<String> codes(LessonBrief brief, List<Block> blocks) {
        return LessonChecker.check(brief, new Lesson(blocks, List.of())).stream()
                .map(Finding::code)
                .distinct()
                .toList();
    }

    private static int firstOf(Sort sort) {
        for (int i = 0; i < RIGHT.size(); i++) {
            if (RIGHT.get(i).sort() == sort) {
                return i;
            }
        }
        throw new IllegalStateException(sort + " is missing");
    }

    private static List<Block> with(int index, UnaryOperator<Block> change) {
        List<Block> blocks = new ArrayList<>(RIGHT);
        blocks.set(index, change.apply(blocks.get(index)));
        return blocks;
    }

    private static Block lasting(Block b, int minutes) {
        return new Block(b.sort(), b.startMinute(), minutes, b.area(), b.station(), b.turns());
    }

    private static Block turning(Block b, UnaryOperator<Turn> change) {
        return new Block(
                b.sort(),
                b.startMinute(),
                b.minutes(),
                b.area(),
                b.station(),
                b.turns().stream().map(change).toList());
    }

    @Test
    void aRightLessonBreaksNothing() {
        assertThat(codes(BRIEF, RIGHT)).isEmpty();
    }

    @Test
    void findsWhatTakesTooLong() {
        assertThat(codes(Briefs.lasting(BRIEF, 100), RIGHT)).contains("too-short");
    }

    @Test
    void findsTwoThingsOnTheSameGround() {
        assertThat(codes(BRIEF, with(firstOf(Sort.WARM_UP), b -> lasting(b, b.minutes() + 3))))
                .contains("overlap", "two-places");
    }

    /** Said of either of them, it holds for both. */
    @Test
    void findsCoursesThatShareGroundRiddenAtOnce() {
        LessonBrief two = new LessonBrief(
                150, BRIEF.riders(), BRIEF.stations(), 2, 1, Weather.DRY, List.of(wish("box"), wish("weave")));
        List<Block> beside = LessonPlanner.plan(two).blocks();
        assertThat(codes(two, beside)).isEmpty();
        assertThat(codes(Briefs.sharing(two, "box", "weave"), beside)).containsOnly("shared-ground");
        assertThat(codes(Briefs.sharing(two, "weave", "box"), beside)).containsOnly("shared-ground");
    }

    /** Open ground is wherever there is room; a course stands once. */
    @Test
    void findsACourseRiddenInTwoAreasAtOnce() {
        LessonBrief two = new LessonBrief(
                150, BRIEF.riders(), BRIEF.stations(), 2, 1, Weather.DRY, List.of(wish("box"), wish("box")));
        assertThat(codes(two, LessonPlanner.plan(two).blocks())).containsOnly("one-course");
        LessonBrief open = new LessonBrief(
                150, BRIEF.riders(), BRIEF.stations(), 2, 1, Weather.DRY, List.of(wish("box"), wish(Station.OPEN)));
        assertThat(codes(open, LessonPlanner.plan(open).blocks())).isEmpty();
    }

    private static Wish wish(String station) {
        return new Wish(station, Optional.empty());
    }

    @Test
    void findsAnAreaThatNobodyWatches() {
        assertThat(codes(
                        BRIEF,
                        with(
                                firstOf(Sort.DRILLS),
                                b -> new Block(b.sort(), b.startMinute(), b.minutes(), 1, b.station(), b.turns()))))
                .contains("unwatched");
    }

    @Test
    void findsAMissingBriefingAndAMissingSuccess() {
        assertThat(codes(BRIEF, RIGHT.subList(1, RIGHT.size()))).contains("frame");
        List<Block> without = new ArrayList<>(RIGHT);
        without.removeIf(b -> b.sort() == Sort.CLOSING);
        assertThat(codes(BRIEF, without)).contains("frame");
    }

    @Test
    void findsConesThatNobodyLaid() {
        List<Block> without = new ArrayList<>(RIGHT);
        without.removeIf(b -> b.sort() == Sort.CHANGE_OVER);
        assertThat(codes(BRIEF, without)).containsExactly("changeover");
    }

    @Test
    void findsATimedRideThatIsTooLong() {
        LessonBrief alone = Briefs.wishing(Briefs.usual(1), new Wish("box", Optional.of(20)));
        List<Block> right = LessonPlanner.plan(alone).blocks();
        assertThat(codes(alone, right)).isEmpty();
        List<Block> spelled = right.stream()
                .map(b -> b.sort() == Sort.DRILLS ? turning(b, t -> new Turn(t.rider(), t.task(), 30, t.easier())) : b)
                .toList();
        assertThat(codes(alone, spelled)).containsExactly("timed-ride");
    }

    @Test
    void findsAMissingRest() {
        List<Block> without = new ArrayList<>(RIGHT);
        without.removeIf(b -> b.sort() == Sort.REST);
        assertThat(codes(BRIEF, without)).containsExactly("rest");
    }

    @Test
    void findsASideRiddenMore() {
        assertThat(codes(
                        BRIEF,
                        with(
                                firstOf(Sort.DRILLS),
                                b -> turning(b, t -> new Turn(t.rider(), t.task(), t.runs() - 1, t.easier())))))
                .containsExactly("sides");
    }

    @Test
    void findsSomebodyWhoRidesLess() {
        assertThat(codes(
                        BRIEF,
                        with(
                                firstOf(Sort.DRILLS),
                                b -> turning(
                                        b,
                                        t -> t.rider().equals("r1")
                                                ? new Turn(t.rider(), t.task(), t.runs() - 2, t.easier())
                                                : t))))
                .containsExactly("unequal");
    }

    @Test
    void findsMoreRunsThanThereIsTimeFor() {
        assertThat(codes(
                        BRIEF,
                        with(
                                firstOf(Sort.DRILLS),
                                b -> turning(b, t -> new Turn(t.rider(), t.task(), 40, t.easier())))))
                .contains("too-many-runs");
    }

    @Test
    void findsAnEndThatIsNoEasierThanTheRest() {
        assertThat(codes(
                        BRIEF,
                        with(
                                firstOf(Sort.CLOSING),
                                b -> turning(b, t -> new Turn(t.rider(), t.task(), t.runs(), false)))))
                .containsExactly("closing");
    }
}

package wrenlane.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wrenlane.drill.Stage;
import wrenlane.lesson.PlanRepair.Change;

class PlanRepairTest {
    private static List<PlanRepair> of(LessonBrief brief) {
        return PlanRepair.of(brief, LessonPlanner.plan(brief));
    }

    private static Optional<PlanRepair> of(LessonBrief brief, Change change) {
        return of(brief).stream().filter(w -> w.change() == change).findFirst();
    }

    private static boolean isRight(LessonBrief brief) {
        return LessonChecker.check(brief, LessonPlanner.plan(brief)).isEmpty();
    }

    /** Whatever is accepted can be planned, and its ways out looked for, also where it is at a limit. */
    @ParameterizedTest
    @MethodSource("seeds")
    void settingsAtTheirLimitsArePlanned(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        LessonBrief plain = Briefs.usual(edge(random, 1, seed % 10 == 0 ? LessonBrief.MOST_RIDERS : 12));
        List<Wish> wishes = new ArrayList<>();
        for (int i = edge(random, 0, 3); i > 0; i--) {
            String station = plain.stations()
                    .get(random.nextInt(plain.stations().size()))
                    .id();
            wishes.add(new Wish(station, random.nextBoolean() ? Optional.empty() : Optional.of(edge(random, 5, 120))));
        }
        LessonBrief brief = new LessonBrief(
                edge(random, LessonBrief.SHORTEST, LessonBrief.LONGEST),
                plain.riders(),
                plain.stations(),
                edge(random, 1, LessonBrief.MOST_AREAS),
                edge(random, 0, LessonBrief.MOST_HELPERS),
                Weather.values()[random.nextInt(Weather.values().length)],
                wishes);
        assertThat(of(brief)).isNotNull();
    }

    /** At one limit, at the other, or anywhere between. */
    private static int edge(SplittableRandom random, int least, int most) {
        return switch (random.nextInt(3)) {
            case 0 -> least;
            case 1 -> most;
            default -> random.nextInt(least, most + 1);
        };
    }

    /** With all the helpers there can be, one more is no way out. */
    @Test
    void nobodyIsAskedForWhereNoMoreHelpersCanBe() {
        LessonBrief usual = Briefs.usual(60);
        LessonBrief brief = new LessonBrief(
                20,
                usual.riders(),
                usual.stations(),
                8,
                LessonBrief.MOST_HELPERS,
                Weather.DRY,
                List.of(new Wish("box", Optional.of(120))));
        assertThat(of(brief)).extracting(PlanRepair::change).doesNotContain(Change.HELPER);
    }

    static LongStream seeds() {
        return LongStream.range(0, 120);
    }

    /** Of any lesson, also with wishes that cannot be met: what is said to be enough is, and a little less is not. */
    @ParameterizedTest
    @MethodSource("seeds")
    void everyWayOutIsOneAndNoSmallerOneIs(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        LessonBrief plain = Briefs.lasting(Briefs.random(seed), 20 + random.nextInt(100));
        List<String> usable = plain.stations().stream()
                .filter(s -> s.isForAll(plain.everyone()))
                .map(Station::id)
                .toList();
        List<Wish> wishes = new ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            wishes.add(new Wish(
                    usable.get(random.nextInt(usable.size())),
                    random.nextBoolean() ? Optional.of(5 + random.nextInt(60)) : Optional.empty()));
        }
        LessonBrief brief = plain.with(plain.minutes(), wishes);
        List<PlanRepair> ways = of(brief);
        assertThat(ways.isEmpty()).isEqualTo(isRight(brief));
        assertThat(ways).allMatch(way -> isRight(way.brief()));
        assertThat(ways).extracting(PlanRepair::change).doesNotHaveDuplicates();
        for (PlanRepair way : ways) {
            LessonBrief to = way.brief();
            switch (way.change()) {
                case LONGER -> {
                    assertThat(to.minutes() % 5).isZero();
                    assertThat(to.minutes() - 5 <= brief.minutes() || !isRight(to.with(to.minutes() - 5, wishes)))
                            .isTrue();
                }
                case FEWER_RIDERS -> {
                    int more = to.riders().size() + 1;
                    assertThat(isRight(brief.with(brief.riders().subList(0, more), brief.helpers())))
                            .isFalse();
                }
                case HELPER -> assertThat(to.helpers()).isEqualTo(brief.helpers() + 1);
                case WITHOUT -> assertThat(to.wishes()).hasSize(wishes.size() - 1);
                case CHOSEN -> assertThat(to.wishes()).isEmpty();
                case CHOSEN_AND_LONGER -> {
                    assertThat(to.wishes()).isEmpty();
                    assertThat(ways).hasSize(1);
                    assertThat(isRight(brief.with(brief.minutes(), List.of()))).isFalse();
                }
                case EARLIER -> assertThat(to.wishes()).containsExactlyInAnyOrderElementsOf(wishes);
                case SHARED ->
                    assertThat(to.wishes())
                            .extracting(Wish::station)
                            .isEqualTo(wishes.stream().map(Wish::station).toList());
            }
        }
    }

    @Test
    void aLessonTooShortForTwelveCanBeLongerOrForFewer() {
        LessonBrief brief = Briefs.lasting(Briefs.usual(12), 30);
        assertThat(of(brief, Change.LONGER).orElseThrow().brief().minutes()).isBetween(35, 120);
        assertThat(of(brief, Change.FEWER_RIDERS).orElseThrow().brief().riders())
                .hasSizeBetween(1, 11);
    }

    @Test
    void theHardestComesEarlier() {
        LessonBrief brief = Briefs.wishing(
                Briefs.usual(4),
                new Wish("weave", Optional.of(25)),
                new Wish("box", Optional.of(25)),
                new Wish("weave", Optional.of(25)),
                new Wish("eight", Optional.of(10)));
        assertThat(isRight(brief)).isFalse();
        PlanRepair way = of(brief, Change.EARLIER).orElseThrow();
        assertThat(way.station()).contains("eight");
        assertThat(way.said(id -> "the " + id)).isEqualTo("Ride the eight earlier");
    }

    @Test
    void aTimeThatIsFixedTooLongIsLeftToThePlanner() {
        LessonBrief brief = Briefs.wishing(
                Briefs.usual(4), new Wish("weave", Optional.of(120)), new Wish("eight", Optional.empty()));
        PlanRepair way = of(brief, Change.SHARED).orElseThrow();
        assertThat(way.station()).contains("weave");
        assertThat(way.brief().wishes().get(0).minutes()).isEmpty();
    }

    @Test
    void whatDoesNotFitIsLeftOut() {
        LessonBrief brief = Briefs.wishing(
                Briefs.lasting(Briefs.usual(4), 75),
                new Wish("weave", Optional.of(15)),
                new Wish("box", Optional.of(15)),
                new Wish("eight", Optional.of(15)));
        assertThat(isRight(brief)).isFalse();
        PlanRepair way = of(brief, Change.WITHOUT).orElseThrow();
        assertThat(way.station()).contains("eight");
        assertThat(way.brief().wishes()).extracting(Wish::station).containsExactly("weave", "box");
    }

    @Test
    void aHelperWatchesASecondArea() {
        List<String> riders = Briefs.riders(10);
        LessonBrief brief = new LessonBrief(
                45,
                riders,
                List.of(
                        Briefs.station(Station.OPEN, Stage.STRAIGHT_CONTROL, 30, true, riders),
                        Briefs.station("box", Stage.U_TURNS, 30, true, riders)),
                2,
                0,
                Weather.DRY,
                List.of());
        assertThat(isRight(brief)).isFalse();
        assertThat(of(brief, Change.HELPER).orElseThrow().brief().watchedAreas())
                .isEqualTo(2);
    }

    @Test
    void aRightLessonNeedsNone() {
        assertThat(of(Briefs.usual(6))).isEmpty();
    }
}

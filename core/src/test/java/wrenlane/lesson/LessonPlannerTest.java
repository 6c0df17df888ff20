package wrenlane.lesson;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.course.Course;
import wrenlane.course.NestedCourse;
import wrenlane.course.kind.CourseKinds;
import wrenlane.drill.Stage;
import wrenlane.finding.Finding;
import wrenlane.lesson.Block.Sort;
import wrenlane.machine.Side;
import wrenlane.setup.SetupSheet;
import wrenlane.units.LengthSystem;

class LessonPlannerTest {
    /** What is said of a lesson that breaks no rule: what was left out, and why. */
    private static final Set<String> SAID_OF_A_RIGHT_LESSON =
            Set.of("not-for-all", "fewer-areas", "areas-unwatched", "time-left");

    private static List<Finding> broken(Lesson lesson) {
        return lesson.findings().stream()
                .filter(f -> !SAID_OF_A_RIGHT_LESSON.contains(f.code()))
                .toList();
    }

    static LongStream seeds() {
        return LongStream.range(0, 300);
    }

    /** What the planner chose, wished for, is planned in the same order. */
    @ParameterizedTest
    @MethodSource("seeds")
    void blockKnowsItsPlaceAmongTheWishes(long seed) {
        LessonBrief brief = Briefs.random(seed);
        Lesson chosen = LessonPlanner.plan(brief.with(brief.minutes(), List.of()));
        List<Wish> order = chosen.stationsInOrder();
        Lesson wished = LessonPlanner.plan(brief.with(brief.minutes(), order));
        for (Block block : wished.blocks()) {
            assertThat(block.wish().isPresent()).isEqualTo(block.sort() == Block.Sort.DRILLS);
            assertThat(block.fixed()).isFalse();
            block.wish()
                    .filter(place -> place < order.size())
                    .ifPresent(place -> assertThat(block.station())
                            .contains(order.get(place).station()));
        }
    }

    @Test
    void blockIsFixedWhereItsWishFixesMinutes() {
        LessonBrief brief = Briefs.random(1);
        Lesson lesson =
                LessonPlanner.plan(brief.with(brief.minutes(), List.of(new Wish(Station.OPEN, Optional.of(15)))));
        assertThat(lesson.blocks())
                .filteredOn(b -> b.wish().equals(Optional.of(0)))
                .isNotEmpty()
                .allMatch(b -> b.fixed() && b.minutes() == 15);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyLessonIsRightOrSaysHowMuchLongerItTakes(long seed) {
        LessonBrief drawn = Briefs.random(seed);
        LessonBrief brief = seed % 2 == 0 ? drawn : Briefs.sharing(drawn, "course0", "course1");
        Lesson lesson = LessonPlanner.plan(brief);
        int shortest = LessonPlanner.shortestMinutes(brief);
        if (brief.minutes() >= shortest) {
            assertThat(broken(lesson)).isEmpty();
        } else {
            assertThat(broken(lesson)).extracting(Finding::code).contains("too-short");
            if (shortest <= 480) {
                assertThat(broken(LessonPlanner.plan(Briefs.lasting(brief, shortest))))
                        .as("as long as it said, %d min", shortest)
                        .isEmpty();
            }
        }
    }

    private static LessonBrief.LessonInProgress underWay(int riddenMinutes, String... standing) {
        return new LessonBrief.LessonInProgress(riddenMinutes, List.of(standing));
    }

    /** From any point of any lesson, with what was to come, the rest is right where there is time for anything at all. */
    @ParameterizedTest
    @MethodSource("seeds")
    void theRestOfEveryLessonIsRightOrTooShort(long seed) {
        LessonBrief whole = Briefs.random(seed);
        List<Wish> wishes = whole.stations().stream()
                .filter(s -> s.isForAll(whole.everyone()))
                .limit(3)
                .map(s -> new Wish(s.id(), Optional.empty()))
                .toList();
        int left = 20 + (int) (seed * 37 % 120);
        LessonBrief brief = whole.rest(left, wishes, underWay((int) (seed % 31), Station.OPEN));
        Lesson rest = LessonPlanner.rest(brief);
        int end = rest.blocks().get(rest.blocks().size() - 1).endMinute();
        assertThat(rest.blocks()).extracting(Block::sort).doesNotContain(Sort.BRIEFING, Sort.WARM_UP);
        if (end <= left) {
            assertThat(LessonChecker.check(brief, rest))
                    .extracting(Finding::code)
                    .isSubsetOf("hardest-late");
        } else {
            assertThat(broken(rest)).extracting(Finding::code).contains("too-short");
        }
    }

    /** Where a course is set out only when it is its turn, its changeover is as long as its setup sheet says. */
    @Test
    void changesOverInTheMinutesOfTheSetup() {
        NestedCourse box = NestedCourse.of(Course.standard(CourseKinds.uTurnBox()));
        Station.SetupMinutes laying = Station.SetupMinutes.of(box);
        assertThat(laying.outMinutes())
                .isEqualTo(SetupSheet.of(box, LengthSystem.METRIC).walk().minutes());
        List<String> all = Briefs.riders(4);
        Station plain = Briefs.station("box", Stage.U_TURNS, all);
        Station measured =
                new Station(plain.id(), plain.name(), laying, plain.standing(), plain.passSeconds(), plain.tasks());
        Lesson lesson = LessonPlanner.plan(new LessonBrief(
                120,
                all,
                List.of(Briefs.station(Station.OPEN, Stage.STRAIGHT_CONTROL, all), measured),
                1,
                0,
                Weather.DRY,
                List.of(new Wish("box", Optional.empty()))));
        assertThat(lesson.blocks())
                .filteredOn(b -> b.sort() == Sort.CHANGE_OVER)
                .singleElement()
                .satisfies(b -> assertThat(b.minutes()).isEqualTo((int) Math.ceil(laying.outMinutes())));
    }

    @Test
    void theRestBeginsWithWhatIsRiddenAndEndsOnTime() {
        LessonBrief brief = Briefs.usual(4).rest(60, List.of(), underWay(0, "box"));
        Lesson rest = LessonPlanner.rest(brief);
        assertThat(rest.findings()).isEmpty();
        assertThat(rest.blocks().get(0).startMinute()).isZero();
        assertThat(rest.blocks())
                .extracting(Block::sort)
                .doesNotContain(Sort.BRIEFING, Sort.WARM_UP)
                .endsWith(Sort.CLOSING, Sort.DEBRIEF);
        assertThat(rest.blocks().get(rest.blocks().size() - 1).endMinute()).isEqualTo(60);
    }

    @Test
    void whoHasRiddenLongRestsFirst() {
        LessonBrief fresh = Briefs.usual(4).rest(90, List.of(new Wish("box", Optional.empty())), underWay(0, "box"));
        LessonBrief tired = Briefs.usual(4).rest(90, List.of(new Wish("box", Optional.empty())), underWay(45, "box"));
        assertThat(LessonPlanner.rest(fresh).blocks().get(0).sort()).isEqualTo(Sort.DRILLS);
        assertThat(LessonPlanner.rest(tired).blocks().get(0).sort()).isEqualTo(Sort.REST);
    }

    @Test
    void whatStandsNeedsNoChangeover() {
        List<Wish> box = List.of(new Wish("box", Optional.empty()));
        assertThat(LessonPlanner.rest(Briefs.usual(4).rest(60, box, underWay(0, "box")))
                        .blocks())
                .extracting(Block::sort)
                .doesNotContain(Sort.CHANGE_OVER);
        assertThat(LessonPlanner.rest(Briefs.usual(4).rest(60, box, underWay(0, "weave")))
                        .blocks())
                .extracting(Block::sort)
                .startsWith(Sort.CHANGE_OVER, Sort.DRILLS);
    }

    @Test
    void whatComesLastGoesFirstWhereTimeIsShort() {
        List<Wish> toCome = List.of(
                new Wish("weave", Optional.empty()),
                new Wish("box", Optional.empty()),
                new Wish("eight", Optional.empty()));
        assertThat(ridden(LessonPlanner.rest(Briefs.usual(4).rest(120, toCome, underWay(0, "weave")))))
                .containsExactly("weave", "box", "eight");
        assertThat(ridden(LessonPlanner.rest(Briefs.usual(4).rest(40, toCome, underWay(0, "weave")))))
                .startsWith("weave")
                .doesNotContain("eight");
    }

    private static List<String> ridden(Lesson lesson) {
        return lesson.blocks().stream()
                .filter(b -> b.sort() == Sort.DRILLS)
                .flatMap(b -> b.station().stream())
                .toList();
    }

    @Test
    void aUsualLessonRidesTheHardestInTheMiddleAndEndsWithASuccess() {
        Lesson lesson = LessonPlanner.plan(Briefs.usual(6));
        assertThat(lesson.findings()).isEmpty();
        assertThat(lesson.blocks())
                .extracting(Block::sort)
                .startsWith(Sort.BRIEFING, Sort.WARM_UP)
                .endsWith(Sort.CLOSING, Sort.DEBRIEF)
                .contains(Sort.REST, Sort.CHANGE_OVER);
        assertThat(lesson.blocks().get(lesson.blocks().size() - 1).endMinute()).isEqualTo(150);
        assertThat(lesson.ridingMinutes()).isGreaterThan(80);
    }

    @Test
    void fewStationsAreRiddenAgainBeforeTimeIsLeft() {
        List<String> riders = Briefs.riders(4);
        LessonBrief brief = new LessonBrief(
                140,
                riders,
                List.of(
                        Briefs.station(Station.OPEN, Stage.STRAIGHT_CONTROL, riders),
                        Briefs.station("box", Stage.U_TURNS, riders)),
                1,
                0,
                Weather.DRY,
                List.of());
        Lesson lesson = LessonPlanner.plan(brief);
        assertThat(lesson.findings()).isEmpty();
        assertThat(lesson.blocks().stream().filter(b -> b.sort() == Sort.DRILLS))
                .hasSizeGreaterThanOrEqualTo(3);
        assertThat(LessonPlanner.plan(Briefs.lasting(brief, 300)).findings()).isEmpty();
        assertThat(LessonPlanner.plan(Briefs.lasting(brief, 480)).findings())
                .extracting(Finding::code)
                .containsExactly("time-left");
    }

    @Test
    void everyStationThatIsWorthItIsRidden() {
        Lesson lesson = LessonPlanner.plan(Briefs.usual(4));
        assertThat(lesson.blocks().stream()
                        .filter(b -> b.sort() == Sort.DRILLS)
                        .map(b -> b.station().orElseThrow()))
                .contains("box", "weave", "eight");
    }

    @ParameterizedTest
    @EnumSource(Weather.class)
    void heatBringsMoreRests(Weather weather) {
        LessonBrief usual = Briefs.usual(6);
        LessonBrief brief = new LessonBrief(240, usual.riders(), usual.stations(), 1, 0, weather, List.of());
        long rests = LessonPlanner.plan(brief).blocks().stream()
                .filter(b -> b.sort() == Sort.REST)
                .count();
        assertThat(rests).isBetween(2L, 8L);
        LessonBrief dry = new LessonBrief(240, usual.riders(), usual.stations(), 1, 0, Weather.DRY, List.of());
        assertThat(rests)
                .isGreaterThanOrEqualTo(LessonPlanner.plan(dry).blocks().stream()
                        .filter(b -> b.sort() == Sort.REST)
                        .count());
    }

    @Test
    void aHelperOpensASecondAreaAndTheGroupsChangeover() {
        LessonBrief one = Briefs.usual(8);
        LessonBrief two = new LessonBrief(150, one.riders(), one.stations(), 2, 1, Weather.DRY, List.of());
        Lesson alone = LessonPlanner.plan(one);
        Lesson helped = LessonPlanner.plan(two);
        assertThat(helped.findings()).isEmpty();
        assertThat(helped.runs("r1")).isGreaterThan(alone.runs("r1"));
        for (String rider : two.riders()) {
            assertThat(helped.blocks().stream()
                            .filter(b -> b.sort() == Sort.DRILLS)
                            .filter(b ->
                                    b.turns().stream().anyMatch(t -> t.rider().equals(rider)))
                            .map(b -> b.station().orElseThrow())
                            .distinct()
                            .count())
                    .isGreaterThanOrEqualTo(2);
        }
    }

    @Test
    void areasThatNobodyWatchesStayEmptyAndThatIsSaid() {
        LessonBrief one = Briefs.usual(8);
        Lesson lesson =
                LessonPlanner.plan(new LessonBrief(150, one.riders(), one.stations(), 3, 0, Weather.DRY, List.of()));
        assertThat(lesson.blocks()).allMatch(b -> b.area() == 0);
        assertThat(lesson.findings()).extracting(Finding::code).containsExactly("areas-unwatched");
    }

    @Test
    void aStationThatSomeCannotRideIsLeftOutAndThatIsSaid() {
        List<String> riders = Briefs.riders(3);
        LessonBrief brief = new LessonBrief(
                60,
                riders,
                List.of(
                        Briefs.station(Station.OPEN, Stage.STRAIGHT_CONTROL, riders),
                        Briefs.station("box", Stage.U_TURNS, riders.subList(0, 2))),
                1,
                0,
                Weather.DRY,
                List.of());
        Lesson lesson = LessonPlanner.plan(brief);
        assertThat(lesson.findings().stream().filter(f -> f.code().equals("not-for-all")))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.where()).isEqualTo("stations.box");
                    assertThat(f.message().toString()).contains("1 of 3");
                });
    }

    @Test
    void wishesKeepTheirOrderAndTheirMinutes() {
        LessonBrief brief = Briefs.wishing(
                Briefs.usual(4), new Wish("eight", Optional.of(17)), new Wish("weave", Optional.empty()));
        List<Block> drills = LessonPlanner.plan(brief).blocks().stream()
                .filter(b -> b.sort() == Sort.DRILLS)
                .toList();
        assertThat(drills).extracting(b -> b.station().orElseThrow()).containsExactly("eight", "weave");
        assertThat(drills.get(0).minutes()).isEqualTo(17);
    }

    @Test
    void aWishThatBreaksARuleIsKeptAndMarkedWhereItBreaks() {
        LessonBrief brief = Briefs.wishing(
                Briefs.usual(4),
                new Wish("weave", Optional.of(40)),
                new Wish("weave", Optional.of(30)),
                new Wish("eight", Optional.of(20)));
        Lesson lesson = LessonPlanner.plan(brief);
        Finding late = lesson.findings().stream()
                .filter(f -> f.code().equals("hardest-late"))
                .findFirst()
                .orElseThrow();
        int at = Integer.parseInt(late.where().substring("blocks.".length()));
        assertThat(lesson.blocks().get(at).station()).contains("eight");
    }

    @Test
    void moreTimeNeverMeansFewerRuns() {
        int last = 0;
        for (int minutes = 60; minutes <= 240; minutes += 30) {
            int runs =
                    LessonPlanner.plan(Briefs.lasting(Briefs.usual(5), minutes)).runs("r1");
            assertThat(runs).as("%d min", minutes).isGreaterThanOrEqualTo(last);
            last = runs;
        }
    }

    /** Two of three have a weak side: one run more each, to that side, in the first drill with time for it. */
    @Test
    void aWeakSideGetsOneRunMoreAndTheOtherNoLess() {
        LessonBrief level = Briefs.usual(3);
        LessonBrief brief = Briefs.weak(level, Map.of("r1", Side.LEFT, "r3", Side.RIGHT));
        Lesson lesson = LessonPlanner.plan(brief);
        Lesson before = LessonPlanner.plan(level);
        assertThat(broken(lesson)).isEmpty();
        for (String rider : brief.riders()) {
            int more = rider.equals("r2") ? 0 : 1;
            assertThat(lesson.runs(rider)).isEqualTo(before.runs(rider) + more);
        }
        List<Block.Turn> odd = lesson.blocks().stream()
                .flatMap(b -> b.turns().stream())
                .filter(t -> t.runs() % 2 == 1)
                .toList();
        assertThat(odd).extracting(Block.Turn::rider).containsExactlyInAnyOrder("r1", "r3");
        for (Block.Turn turn : odd) {
            Side weak = turn.task().weakSide().orElseThrow();
            assertThat(turn.runsTo(weak)).isEqualTo(turn.runsTo(weak.opposite()) + 1);
        }
    }

    /** A run more to the weak side makes no drill longer than attention lasts at one station, and takes a debrief's luxury alone. */
    @Test
    void noDrillIsMadeTooLongForAWeakSide() {
        int longer = 0;
        for (long seed = 1; seed <= 150; seed++) {
            LessonBrief drawn = Briefs.random(seed);
            Map<String, Side> all =
                    drawn.riders().stream().collect(Collectors.toMap(rider -> rider, rider -> Side.LEFT));
            List<Block> before =
                    LessonPlanner.plan(Briefs.weak(drawn, Map.of())).blocks();
            List<Block> after = LessonPlanner.plan(Briefs.weak(drawn, all)).blocks();
            for (int i = 0; i < before.size(); i++) {
                int was = before.get(i).minutes();
                int is = after.get(i).minutes();
                assertThat(is).as("block %d of %d", i, seed).isBetween(Math.min(was, 5), Math.max(was, 25));
                longer += is > was ? 1 : 0;
            }
            assertThat(after.get(after.size() - 1).endMinute())
                    .isEqualTo(before.get(before.size() - 1).endMinute());
        }
        assertThat(longer).isPositive();
    }

    @Test
    void everybodyRidesAlike() {
        Lesson lesson = LessonPlanner.plan(Briefs.usual(7));
        assertThat(Briefs.riders(7)).extracting(lesson::runs).containsOnly(lesson.runs("r1"));
    }

    /** Every number of rounds and every length of them, by brute force; all stations alike, so that runs alone count. */
    @ParameterizedTest
    @ValueSource(ints = {40, 55, 70, 90, 120})
    void noRightLessonHasManyMoreRunsThanItsOwn(int minutes) {
        List<String> riders = Briefs.riders(2);
        List<Station> stations = List.of(
                Briefs.station(Station.OPEN, Stage.WIDE_TURNS, 30, true, riders),
                Briefs.station("a", Stage.WIDE_TURNS, 30, true, riders),
                Briefs.station("b", Stage.WIDE_TURNS, 30, true, riders));
        LessonBrief brief = new LessonBrief(minutes, riders, stations, 1, 0, Weather.DRY, List.of());
        int own = LessonPlanner.plan(brief).runs("r1");
        int best = 0;
        List<List<String>> orders = List.of(List.of("a"), List.of("a", "b"), List.of("a", "b", "open"));
        for (List<String> order : orders) {
            for (int each = 10; each <= 25; each++) {
                int length = each;
                Lesson tried = LessonPlanner.plan(Briefs.wishing(
                        brief,
                        order.stream()
                                .map(s -> new Wish(s, Optional.of(length)))
                                .toArray(Wish[]::new)));
                if (broken(tried).isEmpty()) {
                    best = Math.max(best, tried.runs("r1"));
                }
            }
        }
        assertThat(own).isGreaterThanOrEqualTo(best - 2);
    }

    @Test
    void refusesABriefInWhichSomebodyCanRideNothing() {
        LessonBrief brief = new LessonBrief(
                90,
                Briefs.riders(2),
                List.of(Briefs.station(Station.OPEN, Stage.STRAIGHT_CONTROL, Briefs.riders(1))),
                1,
                0,
                Weather.DRY,
                List.of());
        assertThatIllegalArgumentException()
                .isThrownBy(() -> LessonPlanner.plan(brief))
                .withMessageContaining("r2");
    }

    @ParameterizedTest
    @ValueSource(ints = {19, 481, 0, -5})
    void refusesLengthsOutOfRange(int minutes) {
        assertThatIllegalArgumentException().isThrownBy(() -> Briefs.lasting(Briefs.usual(2), minutes));
    }
}

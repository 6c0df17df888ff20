package wrenlane.coaching;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wrenlane.coaching.SizeChoice.Range;
import wrenlane.coaching.SizeChoice.RiderSize;
import wrenlane.course.NestedCourse;
import wrenlane.units.HandyLengths;
import wrenlane.verdict.SizeLadder;
import wrenlane.verdict.SizeLadder.SizeStep;

class SizeChoiceTest {
    private static final List<Double> HANDY = HandyLengths.METRIC.between(5, 9.5);

    private static SizeLadder ladder(double... settings) {
        return new SizeLadder(IntStream.range(0, settings.length)
                .mapToObj(i -> new SizeStep(settings[i], Optional.of(1.9 - 0.2 * i)))
                .toList());
    }

    @Test
    void rangesFromASizeWiderToTheBest() {
        SizeLadder ladder = ladder(9.1, 8.2, 7.3, 6.7, 6.1);
        Range range = Range.of("r", ladder, ladder.sizes().get(2), 2);
        assertThat(range).isEqualTo(new Range("r", 7.3, 8.2, 6.1));
        assertThat(Range.of("r", ladder, ladder.sizes().get(0), 2)).isEqualTo(new Range("r", 9.1, 9.1, 7.3));
        assertThat(Range.of("r", ladder, ladder.sizes().get(4), 2)).isEqualTo(new Range("r", 6.1, 6.7, 6.1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Range.of("r", ladder, new SizeStep(5, Optional.empty()), 2));
    }

    @Test
    void oneSettingForRidersWhoAreAlike() {
        SizeChoice choice = SizeChoice.best(
                        List.of(new Range("a", 7, 7.6, 6.2), new Range("b", 7.2, 7.8, 6.4)), HANDY, 3)
                .orElseThrow();
        // 7.2, 7.1 and 7.0 are 0.2 m off in all; the widest is taken.
        assertThat(choice.settingsMetres()).containsExactly(7.2);
        assertThat(choice.riders().get(0).settingMetres()).contains(7.2);
        assertThat(choice.riders().get(0).offMetres()).isEqualTo(0.2, org.assertj.core.api.Assertions.within(1e-9));
    }

    @Test
    void threeForThreeGroupsEachAtTheirOwn() {
        SizeChoice choice = SizeChoice.best(
                        List.of(
                                new Range("novice", 8.4, 8.9, 7.9),
                                new Range("middle", 7.2, 7.5, 6.8),
                                new Range("skilled", 5.6, 6.0, 5.2)),
                        HANDY,
                        3)
                .orElseThrow();
        assertThat(choice.settingsMetres()).containsExactly(8.4, 7.2, 5.6);
        assertThat(choice.riders()).allMatch(s -> s.settingMetres().isPresent() && Math.abs(s.offMetres()) < 1e-9);
    }

    @Test
    void saysWhoIsLeftOutAndByHowMuch() {
        List<Range> riders = List.of(
                new Range("wide", 9, 9.4, 8.8), new Range("narrow", 5.2, 5.4, 5.0), new Range("middle", 7, 7.3, 6.6));
        SizeChoice stands = SizeChoice.at(riders, List.of(7.0, 8.0));
        assertThat(stands.settingsMetres()).containsExactly(8.0, 7.0);
        assertThat(stands.riders())
                .extracting(RiderSize::settingMetres)
                .containsExactly(Optional.empty(), Optional.empty(), Optional.of(7.0));
        // Too tight by 0.8 m; too wide by 1.6 m.
        assertThat(stands.riders().get(0).offMetres()).isEqualTo(-0.8, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(stands.riders().get(1).offMetres()).isEqualTo(1.6, org.assertj.core.api.Assertions.within(1e-9));
    }

    @Test
    void nothingToChooseForNobody() {
        assertThat(SizeChoice.best(List.of(), HANDY, 3)).isEmpty();
        assertThat(SizeChoice.best(List.of(new Range("a", 20, 20, 20)), HANDY, 3))
                .isEmpty();
        assertThatIllegalArgumentException().isThrownBy(() -> SizeChoice.best(List.of(), HANDY, 4));
    }

    record Group(long seed, List<Range> riders) {
        @Override
        public String toString() {
            return "seed " + seed;
        }
    }

    static Stream<Group> groups() {
        return IntStream.range(0, 60).mapToObj(seed -> {
            Random random = new Random(seed);
            List<Range> riders = new ArrayList<>();
            int n = 1 + random.nextInt(12);
            for (int i = 0; i < n; i++) {
                double begin = HandyLengths.METRIC.nearest(5.5 + 3.5 * random.nextDouble());
                riders.add(
                        new Range("r" + i, begin, begin + 0.1 * random.nextInt(9), begin - 0.1 * random.nextInt(12)));
            }
            return new Group(seed, riders);
        });
    }

    /** Score of a set of settings, told apart from the search: riders served, then metres off with those for laying more. */
    private record Score(int served, double off) {
        static Score of(List<Range> riders, double... settings) {
            int served = 0;
            double off = 0.3 * (settings.length - 1);
            for (Range r : riders) {
                double least = Double.POSITIVE_INFINITY;
                for (double s : settings) {
                    if (s <= r.widestMetres() + 1e-6 && s >= r.tightestMetres() - 1e-6) {
                        least = Math.min(least, Math.abs(s - r.beginMetres()));
                    }
                }
                if (least < Double.POSITIVE_INFINITY) {
                    served++;
                    off += least;
                }
            }
            return new Score(served, off);
        }

        boolean isBetterThan(Score other) {
            return served > other.served || (served == other.served && off < other.off - 1e-6);
        }
    }

    @ParameterizedTest
    @MethodSource("groups")
    void noTripleOfHandySettingsIsBetter(Group group) {
        SizeChoice choice = SizeChoice.best(group.riders(), HANDY, 3).orElseThrow();
        Score chosen = Score.of(
                group.riders(),
                choice.settingsMetres().stream()
                        .mapToDouble(Double::doubleValue)
                        .toArray());
        for (double a : HANDY) {
            assertThat(Score.of(group.riders(), a).isBetterThan(chosen)).isFalse();
            for (double b : HANDY) {
                if (a - b < NestedCourse.APART_METRES - 1e-6) {
                    continue;
                }
                assertThat(Score.of(group.riders(), a, b).isBetterThan(chosen)).isFalse();
                for (double c : HANDY) {
                    if (b - c >= NestedCourse.APART_METRES - 1e-6
                            && Score.of(group.riders(), a, b, c).isBetterThan(chosen)) {
                        throw new AssertionError(a + ", " + b + ", " + c + " is better than " + choice);
                    }
                }
            }
        }
    }
}

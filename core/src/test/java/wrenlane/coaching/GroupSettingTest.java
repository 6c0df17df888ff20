package wrenlane.coaching;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.DoubleFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class GroupSettingTest {
    private static final List<Double> WIDTHS =
            IntStream.rangeClosed(50, 100).mapToObj(tenths -> tenths / 10.0).toList();

    /** Clean three times in four at a width, over half a metre. */
    private static DoubleFunction<Optional<Double>> at(double width) {
        return metres -> Optional.of(1 / (1 + Math.exp(-(metres - width) / 0.5 - Math.log(3))));
    }

    @Test
    void oneRiderGetsTheirOwn() {
        GroupSetting best = GroupSetting.of(WIDTHS, List.of(at(7.3)), Aim.USUAL).orElseThrow();
        assertThat(best.settingMetres()).isEqualTo(7.3);
        assertThat(best.meanOff()).isCloseTo(0, within(1e-9));
        assertThat(best.riders()).isEqualTo(1);
    }

    @Test
    void noOtherSettingIsNearerForAnyGroup() {
        SplittableRandom random = new SplittableRandom(3);
        for (int group = 0; group < 50; group++) {
            List<DoubleFunction<Optional<Double>>> riders = IntStream.range(0, 6)
                    .mapToObj(i -> at(5.5 + 3 * random.nextDouble()))
                    .toList();
            GroupSetting best = GroupSetting.of(WIDTHS, riders, Aim.USUAL).orElseThrow();
            for (double width : WIDTHS) {
                double mean = riders.stream()
                        .mapToDouble(r -> Math.abs(r.apply(width).orElseThrow() - 0.75))
                        .average()
                        .orElseThrow();
                assertThat(best.meanOff()).isLessThanOrEqualTo(mean + 1e-9);
            }
        }
    }

    @Test
    void theOrderOfRidersAndSettingsDoesNotMatter() {
        List<DoubleFunction<Optional<Double>>> riders = List.of(at(6), at(7.7), at(8.1));
        List<DoubleFunction<Optional<Double>>> turned = List.of(at(8.1), at(7.7), at(6));
        List<Double> narrowFirst = WIDTHS.stream().sorted().toList();
        assertThat(GroupSetting.of(narrowFirst, turned, Aim.USUAL))
                .isEqualTo(GroupSetting.of(WIDTHS, riders, Aim.USUAL));
    }

    @Test
    void whoKnowsNothingOfASettingDoesNotDecideIt() {
        DoubleFunction<Optional<Double>> wideOnly = metres -> metres < 8 ? Optional.empty() : at(8.5).apply(metres);
        GroupSetting best =
                GroupSetting.of(WIDTHS, List.of(at(6), wideOnly), Aim.USUAL).orElseThrow();
        assertThat(best.settingMetres()).as("where both are known").isGreaterThanOrEqualTo(8);
        assertThat(best.riders()).isEqualTo(2);
        assertThat(GroupSetting.of(WIDTHS, List.of(metres -> Optional.empty()), Aim.USUAL))
                .isEmpty();
        assertThat(GroupSetting.of(List.of(), List.of(at(6)), Aim.USUAL)).isEmpty();
    }

    @Test
    void ofTwoAsNearTheWiderIsTaken() {
        assertThat(GroupSetting.of(List.of(6.0, 7.0, 6.5), List.of(metres -> Optional.of(0.7)), Aim.USUAL)
                        .orElseThrow()
                        .settingMetres())
                .isEqualTo(7);
    }
}

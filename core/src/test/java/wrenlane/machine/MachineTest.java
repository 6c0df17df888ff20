package wrenlane.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class MachineTest {
    @ParameterizedTest
    @EnumSource(MachineDimension.class)
    void refusesAFigureOutsideItsRange(MachineDimension dimension) {
        Machine twin = Machines.twin();
        for (double bad : new double[] {dimension.min() - 1e-6, dimension.max() + 1e-6, 0, -1, Double.NaN}) {
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> twin.with(dimension, bad))
                    .withMessageContaining(dimension.name());
            assertThat(dimension.check(bad))
                    .hasValueSatisfying(f -> assertThat(f.where()).isEqualTo(dimension.name()));
        }
        assertThat(dimension.check(dimension.min())).isEmpty();
        assertThat(twin.with(dimension, dimension.max()).value(dimension)).isEqualTo(dimension.max());
    }

    @Test
    void refusesAMachineWithoutItsLock() {
        Map<MachineDimension, Figure> figures = new EnumMap<>(Machines.twin().figures());
        figures.remove(MachineDimension.LOCK_LEFT);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Machine(Transmission.HAND_CLUTCH, figures))
                .withMessageContaining("LOCK_LEFT is missing");
    }

    @Test
    void saysAnglesInDegreesAndIdleInRpm() {
        assertThat(MachineDimension.LOCK_LEFT.check(2).orElseThrow().message().toString())
                .contains("15 and 70 °");
        assertThat(MachineDimension.IDLE.check(1).orElseThrow().message().toString())
                .contains("480 and 2400 rpm");
    }

    @Test
    void knowsTypicalValuesForEveryTransmission() {
        assertThat(MachineClass.all())
                .hasSizeGreaterThanOrEqualTo(8)
                .extracting(MachineClass::id)
                .doesNotHaveDuplicates();
        assertThat(MachineClass.all().stream()
                        .map(c -> c.typical().transmission())
                        .distinct())
                .containsExactlyInAnyOrder(Transmission.values());
        assertThat(MachineClass.find("no-such-class")).isEmpty();
    }
}

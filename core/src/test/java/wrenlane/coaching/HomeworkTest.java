package wrenlane.coaching;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wrenlane.drill.Catalogue;
import wrenlane.drill.Drills;
import wrenlane.drill.Stage;
import wrenlane.machine.Side;
import wrenlane.machine.Transmission;
import wrenlane.rider.RiderLevel;
import wrenlane.run.Fault;
import wrenlane.run.Technique;

class HomeworkTest {
    private static final FaultCause CLUTCH_IN = new FaultCause(
            Fault.FOOT,
            Optional.empty(),
            "clutch in",
            4,
            5,
            Causes.USUAL.of(Fault.FOOT, Technique.CLUTCH_IN),
            Optional.empty());

    private static final Catalogue CATALOGUE = new Catalogue(List.of(
            Drills.alone("bite-point", Stage.FIND_THE_ZONE, 3),
            Drills.alone("rock-and-return", Stage.FIND_THE_ZONE, 4),
            Drills.alone("solo-five-minutes", Stage.COMBINED, 5)));

    private static Optional<Homework> of(int minutes, RiderLevel level, FaultCause... held) {
        return Homework.of(minutes, CATALOGUE, Transmission.HAND_CLUTCH, level, List.of(held), Optional.of(Side.RIGHT));
    }

    private static List<String> parts(int minutes, RiderLevel level, FaultCause... held) {
        return of(minutes, level, held).orElseThrow().parts().stream()
                .map(p -> p.drillId().orElse("rest") + " " + p.minutes())
                .toList();
    }

    @Test
    void whatHoldsTheRiderBackComesFirstThenTheSoloPractice() {
        assertThat(parts(10, RiderLevel.DEVELOPING, CLUTCH_IN))
                .containsExactly("rock-and-return 4", "rest 1", "solo-five-minutes 5");
        assertThat(parts(5, RiderLevel.DEVELOPING, CLUTCH_IN)).containsExactly("rock-and-return 4", "rest 1");
    }

    @Test
    void withoutACauseItIsTheSoloPractice() {
        assertThat(parts(5, RiderLevel.SKILLED)).containsExactly("solo-five-minutes 5");
        assertThat(parts(10, RiderLevel.SKILLED))
                .containsExactly("solo-five-minutes 5", "rest 1", "solo-five-minutes 4");
    }

    @Test
    void aNoviceDoesNotRideAlone() {
        assertThat(parts(10, RiderLevel.NOVICE))
                .containsExactly("bite-point 3", "rest 1", "rock-and-return 4", "rest 1", "bite-point 1");
    }

    @Test
    void noPartIsLongerThanItsDrillMayBeAndAllTogetherFillTheTime() {
        for (RiderLevel level : RiderLevel.values()) {
            for (int minutes : Homework.LENGTHS) {
                Homework homework = of(minutes, level, CLUTCH_IN).orElseThrow();
                assertThat(homework.parts().stream()
                                .mapToInt(Homework.Part::minutes)
                                .sum())
                        .isEqualTo(minutes);
                assertThat(homework.parts()).allMatch(p -> p.minutes() <= 5);
                assertThat(homework.cautions())
                        .hasSize(3)
                        .contains("Care.")
                        .first()
                        .asString()
                        .contains("a phone");
                assertThat(homework.begin()).contains(Side.RIGHT);
                assertThat(homework.stopSigns()).containsExactly("a hand that shakes or hurts");
            }
        }
    }

    @Test
    void withoutADrillForTheMachineThereIsNone() {
        assertThat(Homework.of(5, CATALOGUE, Transmission.TWIST_AND_GO, RiderLevel.NOVICE, List.of(), Optional.empty()))
                .isEmpty();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> of(7, RiderLevel.NOVICE))
                .withMessageContaining("7");
    }
}

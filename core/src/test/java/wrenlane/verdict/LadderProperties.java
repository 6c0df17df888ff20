package wrenlane.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import wrenlane.course.CourseDimension;
import wrenlane.course.kind.CourseKinds;

class LadderProperties {
    private static final CourseDimension WIDTH = CourseKinds.uTurnBox().ladder();

    /** Half of the 10 cm a rung is rounded to, in metres. */
    private static final double HALF_A_STEP = 0.05 + 1e-9;

    private static List<Ladder.Rung> rungs(double limit) {
        return Ladder.of(limit, WIDTH).rungs();
    }

    @Property
    void everyRungIsTighterThanTheOneBefore(@ForAll @DoubleRange(min = 2, max = 12) double limit) {
        List<Ladder.Rung> rungs = rungs(limit);
        for (int i = 1; i < rungs.size(); i++) {
            assertThat(rungs.get(i).settingMetres()).isLessThan(rungs.get(i - 1).settingMetres());
        }
    }

    @Property
    void aRungIsARoundLengthNearItsTightness(@ForAll @DoubleRange(min = 2, max = 12) double limit) {
        for (Ladder.Rung rung : rungs(limit)) {
            double steps = rung.settingMetres() / (rung.settingMetres() < 2.5 ? 0.05 : 0.1);
            assertThat(steps).isCloseTo(Math.rint(steps), within(1e-9));
            assertThat(Ladder.TIGHTNESSES)
                    .anySatisfy(t -> assertThat(t * limit).isCloseTo(rung.settingMetres(), within(HALF_A_STEP)));
            assertThat(rung.tightness() * limit).isCloseTo(rung.settingMetres(), within(1e-9));
        }
    }

    @Property
    void noRungOfAnOrdinaryMachineIsBeyondIt(@ForAll @DoubleRange(min = 3.5, max = 7) double limit) {
        assertThat(rungs(limit))
                .hasSize(7)
                .allSatisfy(r -> assertThat(r.tightness()).isGreaterThan(1));
    }

    @Property
    void whateverTheLimitEveryRungIsAcceptedByTheKind(@ForAll @DoubleRange(min = 0.5, max = 40) double limit) {
        assertThat(rungs(limit))
                .allSatisfy(r -> assertThat(WIDTH.check(r.settingMetres())).isEmpty());
    }
}

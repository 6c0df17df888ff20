package wrenlane.coaching;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wrenlane.coaching.Debrief.Facts;
import wrenlane.machine.Side;
import wrenlane.progress.Trend;
import wrenlane.run.Fault;
import wrenlane.run.Technique;
import wrenlane.verdict.MistakeCost.Mistake;

class DebriefTest {
    private static final FaultCause HEAD_LATE = new FaultCause(
            Fault.LINE,
            Optional.of(Side.RIGHT),
            "head late",
            7,
            9,
            Causes.USUAL.of(Fault.LINE, Technique.HEAD_LATE),
            Optional.of(Mistake.TURNED_IN_LATE));

    @Test
    void saysWhatIsBetterWhatHoldsBackAndWhatComesNext() {
        Debrief debrief = Debrief.of(new Facts(
                14,
                9,
                Map.of(Side.LEFT, Trend.UNCLEAR, Side.RIGHT, Trend.BETTER),
                List.of(HEAD_LATE),
                Map.of(Fault.LINE, 5),
                Optional.of(6.6),
                Optional.of(7.7),
                false,
                Optional.of(Side.RIGHT),
                Optional.empty()));
        assertThat(debrief.better().toString())
                .isEqualTo("Clean in 9 of 14 runs, the tightest at 6.60 m; better to the right than the last time.");
        assertThat(debrief.holdsBack().toString())
                .isEqualTo("Line crossed to the right: 7 of 9 with head late. Likely: the head goes late, or not far"
                        + " enough.");
        assertThat(debrief.next().toString())
                .isEqualTo("Begin next time at 7.70 m, right side first. Say “chin to the exit”.");
    }

    @Test
    void saysNoMoreThanTheFactsBear() {
        Debrief first = Debrief.of(facts(4, 4, Map.of(), Map.of()));
        assertThat(first.better().toString()).isEqualTo("Clean in 4 of 4 runs.");
        assertThat(first.holdsBack().toString()).isEqualTo("Nothing went wrong that was logged.");
        assertThat(first.next().toString()).startsWith("Measure the machine");
        Debrief same = Debrief.of(facts(6, 3, Map.of(Side.LEFT, Trend.WORSE), Map.of(Fault.FOOT, 2, Fault.STALL, 1)));
        assertThat(same.better().toString()).isEqualTo("Clean in 3 of 6 runs; about as the last time.");
        assertThat(same.holdsBack().toString()).isEqualTo("Mostly foot down, twice.");
        assertThat(Debrief.of(facts(0, 0, Map.of(), Map.of())).better().toString())
                .isEqualTo("No runs were logged.");
    }

    @Test
    void dropsAreSaidFirst() {
        assertThat(Debrief.of(facts(5, 2, Map.of(), Map.of(Fault.DROP, 2, Fault.LINE, 1)))
                        .holdsBack()
                        .toString())
                .isEqualTo("2 drops. Seen once: line crossed.");
        assertThat(Debrief.of(facts(5, 4, Map.of(), Map.of(Fault.DROP, 1)))
                        .holdsBack()
                        .toString())
                .isEqualTo("One drop.");
    }

    private static Facts facts(int runs, int clean, Map<Side, Trend> trends, Map<Fault, Integer> faults) {
        return new Facts(
                runs,
                clean,
                trends,
                List.of(),
                faults,
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                Optional.empty());
    }

    /** What the instructor holds goes before what the table says, and stands where the counts say too little. */
    @Test
    void theInstructorsOwnWordGoesFirst() {
        assertThat(Debrief.of(held(List.of(HEAD_LATE), 14)).holdsBack().toString())
                .isEqualTo("Line crossed to the right: 7 of 9 with head late. Likely: tired after work.");
        assertThat(Debrief.of(held(List.of(), 14)).holdsBack().toString())
                .isEqualTo("Mostly line crossed, 5 times. Likely: tired after work.");
        assertThat(Debrief.of(held(List.of(), 0)).holdsBack().toString()).doesNotContain("tired");
    }

    private static Facts held(List<FaultCause> heldBack, int runs) {
        return new Facts(
                runs,
                runs / 2,
                Map.of(),
                heldBack,
                Map.of(Fault.LINE, 5),
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                Optional.of("tired after work. "));
    }
}

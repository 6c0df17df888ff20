package wrenlane.coaching;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.coaching.HoldsBack.Attempt;
import wrenlane.machine.Side;
import wrenlane.run.BeforeDrop;
import wrenlane.run.Fault;
import wrenlane.run.Observed;
import wrenlane.run.Technique;

class HoldsBackTest {
    /**
     * Runs as text: how often, side, fault letter or a dot for a clean one, and what was seen: techniques joined by plus, or
     * an exclamation mark and what came before a drop; a dash where nothing was said.
     */
    private static List<Attempt> runs(String text) {
        List<Attempt> runs = new ArrayList<>();
        for (String one : text.strip().split("\\s+")) {
            String[] part = one.split("/");
            Attempt run = new Attempt(part[1].equals("l") ? Side.LEFT : Side.RIGHT, faults(part[2]), seen(part[3]));
            for (int i = 0; i < Integer.parseInt(part[0]); i++) {
                runs.add(run);
            }
        }
        return runs;
    }

    private static Set<Fault> faults(String letters) {
        return Arrays.stream(Fault.values())
                .filter(f -> letters.indexOf(f.letter()) >= 0)
                .collect(Collectors.toSet());
    }

    private static Observed seen(String words) {
        if (words.equals("-")) {
            return Observed.NOTHING;
        }
        if (words.startsWith("!")) {
            return new Observed(
                    Set.of(), Optional.of(BeforeDrop.valueOf(words.substring(1))), Optional.empty(), Optional.empty());
        }
        return new Observed(
                Arrays.stream(words.split("\\+")).map(Technique::valueOf).collect(Collectors.toSet()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** Counted by hand: what is said, and the cause the table has for it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "7/r/L/HEAD_LATE 2/r/L/TOO_FAST | Line crossed to the right: 7 of 9 with head late. | WIDE_HEAD_LATE",
                "2/l/L/HEAD_LATE 2/r/L/HEAD_LATE | Line crossed: 4 of 4 with head late. | WIDE_HEAD_LATE",
                "5/l/F/CLUTCH_IN 1/r/F/CLUTCH_IN | Foot down to the left: 5 of 5 with clutch in. | CLUTCH_IN_TURN",
                "4/r/F/TOO_SLOW | Foot down to the right: 4 of 4 with too slow. | TOO_SLOW_TO_LEAN",
                "3/l/S/BRAKE_HEAVY 1/r/S/SURGING | Stall: 3 of 4 with brake heavy. | BRAKE_AGAINST_DRIVE",
                "4/l/C/LOOKED_DOWN 1/l/C/TOO_FAST | Cone touched to the left: 4 of 5 with looked down. | CONE_STARED_AT",
                "3/r/G/UPRIGHT 1/l/G/UPRIGHT | Gate missed: 4 of 4 with upright between turns. | GATE_UPRIGHT",
                "4/r/G/UPRIGHT 1/l/G/UPRIGHT"
                        + " | Gate missed to the right: 4 of 4 with upright between turns. | GATE_UPRIGHT",
                "4/l/D/!FRONT_BRAKE | Drop to the left: 4 of 4 with front brake last. | FRONT_BRAKE_IN_TURN",
                "3/l/D/!CLUTCH_IN 1/r/D/!FOOT | Drop: 3 of 4 with clutch pulled in last. | CLUTCH_IN_TURN",
                "4/r/L/OFF_THE_EDGE | Line crossed to the right: 4 of 4 with entered off the edge. | WIDE_OFF_THE_EDGE",
                "4/r/L/BARS_SHORT 20/r/L/- | Line crossed to the right: 4 of 4 with bars short of the stop. | BARS_SHORT",
                "4/l/F/SURGING 3/l/./HEAD_LATE | Foot down to the left: 4 of 4 with surging. | SURGING",
                "4/l/T/TOO_SLOW | Stopped to the left: 4 of 4 with too slow. | TOO_SLOW_TO_LEAN",
                "4/l/S/TOO_SLOW | Stall to the left: 4 of 4 with too slow. | STALL_AT_THE_START",
            })
    void saysWhatTheCountsBear(String text, String sentence, String cause) {
        HoldsBack first = HoldsBack.from(runs(text)).get(0);
        assertThat(first.sentence()).isEqualTo(sentence);
        assertThat(first.cause()).map(Enum::name).hasValue(cause);
        assertThat(first.cause().orElseThrow().cue().split(" ")).hasSizeLessThanOrEqualTo(5);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // Three runs with the fault are too few; so are two of four with the same seen, and four of nine.
                "3/r/L/HEAD_LATE",
                "2/r/L/HEAD_LATE 2/r/L/TOO_FAST",
                "4/r/L/HEAD_LATE 5/r/L/TOO_FAST+SURGING 9/r/./TOO_FAST+SURGING",
                // Nothing was said of how they were ridden.
                "12/r/L/-",
                // Seen as often without the fault: it says nothing about it.
                "4/r/L/HEAD_LATE 6/r/./HEAD_LATE",
                "9/l/./-",
                "2/l/D/!FOOT",
                "3/l/F/CLUTCH_IN 40/l/./-",
                "3/l/G/UPRIGHT 4/l/G/-",
                "1/l/C/HEAD_LATE 1/l/L/HEAD_LATE 1/l/F/HEAD_LATE 1/l/S/HEAD_LATE",
            })
    void saysNothingWhereThereIsTooLittle(String text) {
        assertThat(HoldsBack.from(runs(text))).isEmpty();
    }

    @Test
    void saysTwoThingsAtMostTheCommonestFirst() {
        List<HoldsBack> said =
                HoldsBack.from(runs("5/r/L/HEAD_LATE 4/l/F/CLUTCH_IN 3/l/C/LOOKED_DOWN 1/r/C/LOOKED_DOWN"));
        assertThat(said).extracting(HoldsBack::fault).containsExactly(Fault.LINE, Fault.CONE);
    }

    /** The sides swapped, what is said is the same of the other. */
    @Test
    void sidesSwapped() {
        String text = "6/r/L/HEAD_LATE 1/l/L/HEAD_LATE";
        String swapped = "6/l/L/HEAD_LATE 1/r/L/HEAD_LATE";
        assertThat(HoldsBack.from(runs(swapped)).get(0).sentence())
                .isEqualTo(HoldsBack.from(runs(text)).get(0).sentence().replace("right", "left"));
    }

    /** Of the faults made last, as far back as no clean run lies between; of a drop by what came before it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1/l/L/HEAD_LATE | WIDE_HEAD_LATE",
                "1/l/F/CLUTCH_IN 1/l/L/HEAD_LATE | WIDE_HEAD_LATE",
                "1/l/L/HEAD_LATE 2/l/L/- | WIDE_HEAD_LATE",
                "1/l/L/HEAD_LATE 1/l/./- 2/l/L/- | ''",
                "1/l/L/HEAD_LATE 1/l/./HEAD_LATE | ''",
                "1/l/D/!FRONT_BRAKE | FRONT_BRAKE_IN_TURN",
                "3/l/L/- | ''",
                "1/l/C/BARS_SHORT | ''",
            })
    void namesTheCauseOfWhatWasSeenLast(String text, String cause) {
        assertThat(Cause.latest(runs(text)).map(Enum::name).orElse("")).isEqualTo(cause);
    }
}

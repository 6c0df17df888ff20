package wrenlane.coaching;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.course.Course;
import wrenlane.course.kind.CourseKinds;
import wrenlane.machine.Side;
import wrenlane.run.DropCause;
import wrenlane.run.Fault;
import wrenlane.run.Observation;
import wrenlane.run.Run;
import wrenlane.run.RunDetail;
import wrenlane.run.RunFixture;
import wrenlane.run.Technique;

class FaultCauseTest {
    /**
     * Runs as text: how often, side, fault letter or a dot for a clean one, and what was seen: techniques joined by plus, or
     * an exclamation mark and what came before a drop; a dash where nothing was said.
     */
    private static List<Run> runs(String text) {
        List<Run> runs = new ArrayList<>();
        for (String one : text.strip().split("\\s+")) {
            String[] part = one.split("/");
            Run run = RunFixture.run(
                    Course.standard(CourseKinds.usual()),
                    Optional.of(part[1].equals("l") ? Side.LEFT : Side.RIGHT),
                    7,
                    faults(part[2]),
                    RunDetail.seen(seen(part[3])),
                    Instant.EPOCH);
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

    private static Observation seen(String words) {
        if (words.equals("-")) {
            return Observation.NOTHING;
        }
        if (words.startsWith("!")) {
            return new Observation(
                    Set.of(), Optional.of(DropCause.valueOf(words.substring(1))), Optional.empty(), Optional.empty());
        }
        return new Observation(
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
                "7/r/L/HEAD_LATE 2/r/L/TOO_FAST | Line crossed to the right: 7 of 9 with head late. | the head goes late, or not far enough",
                "2/l/L/HEAD_LATE 2/r/L/HEAD_LATE | Line crossed: 4 of 4 with head late. | the head goes late, or not far enough",
                "5/l/F/CLUTCH_IN 1/r/F/CLUTCH_IN | Foot down to the left: 5 of 5 with clutch in. | the drive is let go in the turn, and the machine falls in",
                "4/r/F/TOO_SLOW | Foot down to the right: 4 of 4 with too slow. | too slow to lean",
                "3/l/S/BRAKE_HEAVY 1/r/S/SURGING | Stall: 3 of 4 with brake heavy. | too much rear brake against the clutch",
                "4/l/C/LOOKED_DOWN 1/l/C/TOO_FAST | Cone touched to the left: 4 of 5 with looked down. | the gaze is on the cone",
                "3/r/G/UPRIGHT 1/l/G/UPRIGHT | Gate missed: 4 of 4 with upright between turns. | upright between turns, with little of the width used",
                "4/r/G/UPRIGHT 1/l/G/UPRIGHT"
                        + " | Gate missed to the right: 4 of 4 with upright between turns. | upright between turns, with little of the width used",
                "4/l/D/!FRONT_BRAKE | Drop to the left: 4 of 4 with front brake last. | the front brake with the bars turned",
                "3/l/D/!CLUTCH_IN 1/r/D/!FOOT | Drop: 3 of 4 with clutch pulled in last. | the drive is let go in the turn, and the machine falls in",
                "4/r/L/OFF_THE_EDGE | Line crossed to the right: 4 of 4 with entered off the edge. | entered away from the edge: the turn begins with less width",
                "4/r/L/BARS_SHORT 20/r/L/- | Line crossed to the right: 4 of 4 with bars short of the stop. | the bars do not reach the stop",
                "4/l/F/SURGING 3/l/./HEAD_LATE | Foot down to the left: 4 of 4 with surging. | revs too high for the brake, or levers moved too far",
                "4/l/T/TOO_SLOW | Stopped to the left: 4 of 4 with too slow. | too slow to lean",
                // A drop by what came last, and by how it was ridden.
                "4/r/D/!TOO_SLOW | Drop to the right: 4 of 4 with too slow last. | too slow to lean",
                "4/l/D/!LOOKED_DOWN | Drop to the left: 4 of 4 with looked down last."
                        + " | looking down and a foot put out while it still turns",
                "3/r/D/!FOOT 1/l/D/!FOOT | Drop: 4 of 4 with foot put out last."
                        + " | looking down and a foot put out while it still turns",
                "4/l/D/CLUTCH_IN | Drop to the left: 4 of 4 with clutch in."
                        + " | the drive is let go in the turn, and the machine falls in",
                "4/l/D/TOO_SLOW | Drop to the left: 4 of 4 with too slow. | too slow to lean",
                // Wide, for each reason there is.
                "4/l/L/NOT_BACK | Line crossed to the left: 4 of 4 with not back midway."
                        + " | the head goes late, or not far enough",
                "6/r/L/TOO_FAST 2/r/L/HEAD_LATE | Line crossed to the right: 6 of 8 with too fast. | too fast for the turn",
                "5/r/L/TOO_SLOW 5/l/./SURGING | Line crossed to the right: 5 of 5 with too slow. | too slow to lean",
                "4/l/L/SURGING | Line crossed to the left: 4 of 4 with surging."
                        + " | revs too high for the brake, or levers moved too far",
                "4/r/G/HEAD_LATE | Gate missed to the right: 4 of 4 with head late."
                        + " | the head goes late, or not far enough",
                "4/r/G/TOO_FAST | Gate missed to the right: 4 of 4 with too fast. | too fast for the turn",
                "4/l/G/BARS_SHORT | Gate missed to the left: 4 of 4 with bars short of the stop."
                        + " | the bars do not reach the stop",
                "4/r/G/NOT_BACK | Gate missed to the right: 4 of 4 with not back midway."
                        + " | the head goes late, or not far enough",
                // Cones: stared at, and cut.
                "4/l/C/HEAD_LATE | Cone touched to the left: 4 of 4 with head late."
                        + " | turned in too soon: the rear wheel cuts in",
                "4/r/C/OFF_THE_EDGE | Cone touched to the right: 4 of 4 with entered off the edge."
                        + " | turned in too soon: the rear wheel cuts in",
                "4/r/C/SURGING | Cone touched to the right: 4 of 4 with surging."
                        + " | revs too high for the brake, or levers moved too far",
                // Two things seen in one run: the commoner is named.
                "4/r/L/HEAD_LATE+TOO_FAST 3/r/L/HEAD_LATE | Line crossed to the right: 7 of 7 with head late."
                        + " | the head goes late, or not far enough",
                // Two faults in one run: each counts for itself.
                "5/l/FL/TOO_SLOW | Line crossed to the left: 5 of 5 with too slow. | too slow to lean",
                "4/l/F/BARS_SHORT | Foot down to the left: 4 of 4 with bars short of the stop."
                        + " | the bars do not reach the stop",
                "4/r/F/BRAKE_HEAVY | Foot down to the right: 4 of 4 with brake heavy."
                        + " | too much rear brake against the clutch",
                "4/l/S/SURGING | Stall to the left: 4 of 4 with surging."
                        + " | revs too high for the brake, or levers moved too far",
                "4/l/T/BRAKE_HEAVY | Stopped to the left: 4 of 4 with brake heavy."
                        + " | too much rear brake against the clutch",
                // Seen less often without the fault: it says something about it.
                "6/r/L/HEAD_LATE 2/r/./HEAD_LATE 4/r/./TOO_SLOW | Line crossed to the right: 6 of 6 with head late."
                        + " | the head goes late, or not far enough",
                // Half of them is enough, and no less; clean runs of which nothing was said do not count against it.
                "4/r/L/HEAD_LATE 4/r/L/TOO_FAST 30/r/./- | Line crossed to the right: 4 of 8 with head late."
                        + " | the head goes late, or not far enough",
                "3/l/F/CLUTCH_IN 3/l/F/- 1/l/F/SURGING | Foot down to the left: 3 of 4 with clutch in."
                        + " | the drive is let go in the turn, and the machine falls in",
                "4/l/S/TOO_SLOW | Stall to the left: 4 of 4 with too slow. | too few revs, or the clutch out too fast",
            })
    void saysWhatTheCountsBear(String text, String sentence, String cause) {
        FaultCause first = FaultCause.from(runs(text), Causes.USUAL).get(0);
        assertThat(first.sentence()).isEqualTo(sentence);
        assertThat(first.cause()).map(Cause::likely).hasValue(cause);
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
        assertThat(FaultCause.from(runs(text), Causes.USUAL)).isEmpty();
    }

    @Test
    void saysTwoThingsAtMostTheCommonestFirst() {
        List<FaultCause> said = FaultCause.from(
                runs("5/r/L/HEAD_LATE 4/l/F/CLUTCH_IN 3/l/C/LOOKED_DOWN 1/r/C/LOOKED_DOWN"), Causes.USUAL);
        assertThat(said).extracting(FaultCause::fault).containsExactly(Fault.LINE, Fault.CONE);
    }

    /** The sides swapped, what is said is the same of the other. */
    @Test
    void sidesSwapped() {
        String text = "6/r/L/HEAD_LATE 1/l/L/HEAD_LATE";
        String swapped = "6/l/L/HEAD_LATE 1/r/L/HEAD_LATE";
        assertThat(FaultCause.from(runs(swapped), Causes.USUAL).get(0).sentence())
                .isEqualTo(FaultCause.from(runs(text), Causes.USUAL)
                        .get(0)
                        .sentence()
                        .replace("right", "left"));
    }

    /** Of the faults made last, as far back as no clean run lies between; of a drop by what came before it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1/l/L/HEAD_LATE | the head goes late, or not far enough",
                "1/l/F/CLUTCH_IN 1/l/L/HEAD_LATE | the head goes late, or not far enough",
                "1/l/L/HEAD_LATE 2/l/L/- | the head goes late, or not far enough",
                "1/l/L/HEAD_LATE 1/l/./- 2/l/L/- | ''",
                "1/l/L/HEAD_LATE 1/l/./HEAD_LATE | ''",
                "1/l/D/!FRONT_BRAKE | the front brake with the bars turned",
                "3/l/L/- | ''",
                "1/l/C/BARS_SHORT | ''",
            })
    void namesTheCauseOfWhatWasSeenLast(String text, String cause) {
        assertThat(Causes.USUAL.latest(runs(text)).map(Cause::likely).orElse(""))
                .isEqualTo(cause);
    }
}

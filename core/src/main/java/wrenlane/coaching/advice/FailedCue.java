package wrenlane.coaching.advice;

import java.util.Optional;
import wrenlane.finding.Sentence;

/** Once a cue has failed often enough, something easier. */
final class FailedCue implements CoachingRule {
    @Override
    public Optional<Advice> advise(Situation s) {
        int faults = s.faultsInARow();
        if (faults <= s.settings().failedCues()) {
            return Optional.empty();
        }
        return Optional.of(s.side()
                .map(side -> new Advice(
                        Advice.Move.WIDEN,
                        Sentence.of(
                                "%d faults in a row to the %s: the cue has failed %d times.",
                                faults, side.word(), faults - 1)))
                .orElseGet(() -> Advice.hold(Sentence.of(
                        "%d faults in a row: the cue has failed %d times. Go back to the drill before this one.",
                        faults, faults - 1))));
    }
}

package wrenlane.coaching.advice;

import java.util.Optional;
import wrenlane.finding.Sentence;

/** After a fault a cue first, at the same size. */
final class LastFault implements CoachingRule {
    @Override
    public Optional<Advice> advise(Situation s) {
        if (s.faultsInARow() == 0) {
            return Optional.empty();
        }
        FaultCue cue = FaultCue.of(s.here().get(s.here().size() - 1).faults());
        String fault = cue.fault().label();
        String capital = Character.toUpperCase(fault.charAt(0)) + fault.substring(1);
        return Optional.of(new Advice(
                Advice.Move.CUE,
                s.side()
                        .map(side -> Sentence.of(
                                "“%s”. %s to the %s; the same size again.", cue.cue(), capital, side.word()))
                        .orElseGet(() -> Sentence.of("“%s”. %s; the same again.", cue.cue(), capital))));
    }
}

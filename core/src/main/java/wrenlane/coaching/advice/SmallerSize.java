package wrenlane.coaching.advice;

import java.util.Optional;
import wrenlane.finding.Sentence;

/** Enough clean runs, on both sides where there are two: one step smaller, or slower. */
final class SmallerSize implements CoachingRule {
    @Override
    public Optional<Advice> advise(Situation s) {
        if (!s.isEnough(s.here()) || (s.side().isPresent() && !s.isEnough(s.there()))) {
            return Optional.empty();
        }
        int clean = s.settings().clean();
        int of = s.settings().of();
        return Optional.of(
                s.side().isPresent()
                        ? new Advice(
                                Advice.Move.TIGHTEN,
                                Sentence.of("%d of the last %d clean on both sides: one size smaller.", clean, of))
                        : new Advice(
                                Advice.Move.SLOWER,
                                Sentence.of("%d of the last %d clean. Or the next drill.", clean, of)));
    }
}

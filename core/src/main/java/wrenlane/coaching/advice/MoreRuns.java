package wrenlane.coaching.advice;

import java.util.Optional;
import wrenlane.finding.Sentence;

/** Else the same again. */
final class MoreRuns implements CoachingRule {
    @Override
    public Optional<Advice> advise(Situation s) {
        int clean = s.settings().clean();
        int of = s.settings().of();
        return Optional.of(Advice.hold(s.side()
                .map(side -> Sentence.of(
                        "%s to the %s, %s to the %s: stay. %d clean of %d on both sides, then go smaller.",
                        s.counted(s.here()),
                        side.word(),
                        s.counted(s.there()),
                        side.opposite().word(),
                        clean,
                        of))
                .orElseGet(
                        () -> Sentence.of("%s: stay; %d clean of %d, then slower.", s.counted(s.here()), clean, of))));
    }
}

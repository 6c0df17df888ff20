package wrenlane.coaching.advice;

import java.util.Optional;
import wrenlane.finding.Sentence;

/** Before the first run there is nothing to go by. */
final class FirstRun implements CoachingRule {
    @Override
    public Optional<Advice> advise(Situation s) {
        if (!s.runs().isEmpty()) {
            return Optional.empty();
        }
        int clean = s.settings().clean();
        int of = s.settings().of();
        return Optional.of(Advice.hold(
                s.side().isPresent()
                        ? Sentence.of(
                                "No runs at this size yet. %d clean of %d on each side, then go smaller.", clean, of)
                        : Sentence.of("No runs yet: %d clean of %d, then slower.", clean, of)));
    }
}

package wrenlane.coaching.advice;

import java.util.Optional;
import wrenlane.finding.Sentence;

/** The first runs at a size new to the rider are not scored. */
final class UnscoredRun implements CoachingRule {
    @Override
    public Optional<Advice> advise(Situation s) {
        int ridden = s.runs().size();
        int unscored = s.settings().unscored();
        return s.isNew() && ridden <= unscored
                ? Optional.of(Advice.hold(Sentence.of(
                        "New size: the first %d runs are not scored; this was number %d.", unscored, ridden)))
                : Optional.empty();
    }
}

package wrenlane.coaching.advice;

import java.util.Optional;
import wrenlane.finding.Sentence;

/** After a drop: rest, a look at rider and machine, and something easier. Never by force. */
final class Drop implements CoachingRule {
    @Override
    public Optional<Advice> advise(Situation s) {
        if (!s.endsWithDrop()) {
            return Optional.empty();
        }
        return Optional.of(
                s.side().isPresent()
                        ? new Advice(
                                Advice.Move.WIDEN,
                                Sentence.plain(
                                        "A drop. Rest, check rider and machine, then a wider size. Never by force."))
                        : Advice.hold(Sentence.plain(
                                "A drop. Rest, check rider and machine, then the drill before this one.")));
    }
}

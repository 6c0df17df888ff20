package wrenlane.coaching.advice;

import java.util.Optional;
import wrenlane.finding.Sentence;

/** Both sides are ridden alike. */
final class OtherSide implements CoachingRule {
    @Override
    public Optional<Advice> advise(Situation s) {
        boolean isAhead = s.here().size() - s.there().size() >= s.settings().ahead();
        return s.side()
                .filter(side -> isAhead || s.isEnough(s.here()))
                .map(side -> new Advice(
                        Advice.Move.CHANGE_SIDE,
                        Sentence.of(
                                "%s to the %s, %s to the %s: both sides alike, %s next.",
                                s.counted(s.here()),
                                side.word(),
                                s.counted(s.there()),
                                side.opposite().word(),
                                side.opposite().word())));
    }
}

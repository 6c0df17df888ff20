package wrenlane.coaching.advice;

import java.util.Locale;
import java.util.Optional;
import wrenlane.finding.Said;

/** Both sides are ridden alike. */
final class OtherSide implements CoachingRule {
    @Override
    public Optional<Advice> advise(Situation s) {
        boolean isAhead = s.here().size() - s.there().size() >= s.settings().ahead();
        return s.side()
                .filter(side -> isAhead || s.isEnough(s.here()))
                .map(side -> new Advice(
                        Advice.Move.CHANGE_SIDE,
                        Said.of(
                                "%s %s, %s %s: both sides alike, %s next.",
                                s.counted(s.here()),
                                Situation.to(side),
                                s.counted(s.there()),
                                Situation.to(side.opposite()),
                                side.opposite().name().toLowerCase(Locale.ROOT))));
    }
}

package wrenlane.coaching.advice;

import java.util.Optional;

/** One rule of what is done after some runs. */
interface CoachingRule {
    /** The advice, where the rule has something to say. */
    Optional<Advice> advise(Situation situation);
}

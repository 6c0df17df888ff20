package wrenlane.drill;

import java.util.Arrays;
import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;
import wrenlane.rider.RidingMethod;

/**
 * A way of teaching: a school, and one answer to each question beside it.
 *
 * @param school the school
 * @param choices one for each {@link TeachingChoice.Question}
 */
public record Teaching(RidingMethod school, Set<TeachingChoice> choices) {
    /** What is chosen until somebody chooses; chosen by us: what asks least of riders and ground. */
    public static final Set<TeachingChoice> USUAL_CHOICES = Collections.unmodifiableSet(new TreeSet<>(Set.of(
            TeachingChoice.BODY_OUT_OPTIONAL,
            TeachingChoice.GAZE_FAR_END,
            TeachingChoice.SWING_OUT,
            TeachingChoice.LOCK_FIRST,
            TeachingChoice.CLUTCH_HELD)));

    public Teaching {
        choices = Collections.unmodifiableSet(new TreeSet<>(choices));
        if (!oneEach(choices)) {
            throw new IllegalArgumentException("choices are " + choices + "; say one for each of "
                    + Arrays.toString(TeachingChoice.Question.values()));
        }
    }

    /** A school with the usual choices. */
    public static Teaching usual(RidingMethod school) {
        return new Teaching(school, USUAL_CHOICES);
    }

    /** The same with another answer to one question. */
    public Teaching with(TeachingChoice choice) {
        Set<TeachingChoice> changed = new TreeSet<>(choices);
        changed.removeIf(c -> c.question() == choice.question());
        changed.add(choice);
        return new Teaching(school, changed);
    }

    /** Whether every question has one answer. */
    public static boolean oneEach(Set<TeachingChoice> choices) {
        return Arrays.stream(TeachingChoice.Question.values())
                .allMatch(q -> choices.stream().filter(c -> c.question() == q).count() == 1);
    }
}

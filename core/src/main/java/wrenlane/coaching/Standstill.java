package wrenlane.coaching;

import java.util.Set;
import java.util.stream.Collectors;
import wrenlane.machine.Side;

/** What is said where sides have come to a standstill ({@link wrenlane.progress.Pace#isLevel}). */
public final class Standstill {
    private Standstill() {}

    /**
     * In words; from practice: what is practised wrongly is practised in.
     *
     * @param level sides that stand still, at least one
     */
    public static String of(Set<Side> level) {
        if (level.isEmpty()) {
            throw new IllegalArgumentException("no side stands still; say which does");
        }
        String sides = level.stream().sorted().map(Side::word).collect(Collectors.joining(" and "));
        return "The " + sides + (level.size() == 1 ? " side has" : " sides have")
                + " stood still for four lessons. Another drill for the same thing, or the one it needs first, moves it sooner"
                + " than more of the same.";
    }
}

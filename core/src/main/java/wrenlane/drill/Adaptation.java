package wrenlane.drill;

import java.util.List;
import java.util.Optional;

/**
 * How a riding method, or a choice beside it, changes a drill.
 *
 * @param cue said instead, at most five words
 * @param look where to look instead
 * @param cautions added to the drill's own
 * @param prerequisites drills that must be mastered before, added: so a method puts a drill later
 * @param stepsReversed whether its steps are climbed the other way round
 */
public record Adaptation(
        Optional<String> cue,
        Optional<String> look,
        List<String> cautions,
        List<String> prerequisites,
        boolean stepsReversed) {
    public Adaptation {
        cautions = List.copyOf(cautions);
        prerequisites = List.copyOf(prerequisites);
    }
}

package wrenlane.drill;

import java.util.List;

/**
 * A drill as one way of teaching has it.
 *
 * @param cue at most five words
 * @param look where to look, in order
 * @param cautions the drill's own and those of this way
 * @param steps in the order they are climbed
 * @param prerequisites drills to be mastered first, of those that are taught
 */
public record TaughtDrill(
        String id,
        String name,
        Stage stage,
        String cue,
        List<String> look,
        List<String> cautions,
        List<DrillStep> steps,
        List<String> prerequisites) {
    public TaughtDrill {
        look = List.copyOf(look);
        cautions = List.copyOf(cautions);
        steps = List.copyOf(steps);
        prerequisites = List.copyOf(prerequisites);
    }
}

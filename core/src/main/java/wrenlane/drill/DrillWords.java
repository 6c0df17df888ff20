package wrenlane.drill;

import java.util.List;

/**
 * What is said about a drill.
 *
 * @param aim what the rider should be able to do
 * @param why why it works
 * @param how step by step, how it is ridden
 * @param look where to look, in order
 * @param watch what the instructor watches for
 * @param standAt where the instructor stands
 * @param engine engine speed, in words
 * @param cue called across the yard, at most five words
 * @param cautions where a person could be hurt
 */
public record DrillWords(
        String aim,
        String why,
        List<String> how,
        List<String> look,
        List<String> watch,
        String standAt,
        String engine,
        String cue,
        List<String> cautions) {
    public DrillWords {
        how = List.copyOf(how);
        look = List.copyOf(look);
        watch = List.copyOf(watch);
        cautions = List.copyOf(cautions);
    }
}

package wrenlane.drill;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import wrenlane.rider.RidingMethod;

/**
 * How ways of teaching change a drill.
 *
 * @param byMethod by the riding method
 * @param byChoice by a choice beside the method
 */
public record DrillAdaptations(Map<RidingMethod, Adaptation> byMethod, Map<TeachingChoice, Adaptation> byChoice) {
    public DrillAdaptations {
        byMethod = Collections.unmodifiableMap(new TreeMap<>(byMethod));
        byChoice = Collections.unmodifiableMap(new TreeMap<>(byChoice));
    }

    /** All that apply under a way of teaching; what the method says comes last and so wins. */
    List<Adaptation> of(Teaching teaching) {
        return Stream.concat(
                        teaching.choices().stream().flatMap(c -> Optional.ofNullable(byChoice.get(c)).stream()),
                        Optional.ofNullable(byMethod.get(teaching.school())).stream())
                .toList();
    }
}

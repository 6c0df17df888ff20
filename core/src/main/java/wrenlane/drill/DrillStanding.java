package wrenlane.drill;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * Where a rider stands on one drill.
 *
 * @param id of the drill
 * @param because ids of the drills it still waits for; empty unless {@link State#NOT_YET}
 * @param fewerRuns whether it was mastered on another machine and only has to be shown again on this one
 */
public record DrillStanding(String id, State state, List<String> because, boolean fewerRuns) {
    /** The standing in a word. */
    public enum State {
        MASTERED("mastered"),
        WORKING_ON("working on"),
        NEXT("next"),
        NOT_YET("not yet");

        private final String label;

        State(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public DrillStanding {
        because = List.copyOf(because);
    }

    /**
     * What is known of a rider.
     *
     * @param onThisMachine drills mastered on the machine now ridden
     * @param onAny drills mastered on any machine, those of this one among them
     * @param tried drills ridden on the machine now ridden
     */
    public record Known(Set<String> onThisMachine, Set<String> onAny, Set<String> tried) {
        public Known {
            onThisMachine = Set.copyOf(onThisMachine);
            onAny = Set.copyOf(onAny);
            tried = Set.copyOf(tried);
        }

        /** The first stage is asked for anew on every machine: its bite point, weight and reach are its own. */
        boolean mastered(TaughtDrill drill) {
            return (drill.stage() == Stage.FIND_THE_ZONE ? onThisMachine : onAny).contains(drill.id());
        }
    }

    /** The standing on every drill that is taught, in their order. */
    public static List<DrillStanding> of(List<TaughtDrill> taught, Known known) {
        Map<String, Boolean> mastered = new TreeMap<>();
        taught.forEach(d -> mastered.put(d.id(), known.mastered(d)));
        return taught.stream().map(d -> of(d, known, mastered)).toList();
    }

    private static DrillStanding of(TaughtDrill drill, Known known, Map<String, Boolean> mastered) {
        List<String> missing = drill.after().stream()
                .filter(id -> !mastered.getOrDefault(id, false))
                .toList();
        boolean done = mastered.getOrDefault(drill.id(), false);
        State state = done
                ? State.MASTERED
                : known.tried().contains(drill.id())
                        ? State.WORKING_ON
                        : missing.isEmpty() ? State.NEXT : State.NOT_YET;
        return new DrillStanding(
                drill.id(),
                state,
                state == State.NOT_YET ? missing : List.of(),
                !done && known.onAny().contains(drill.id()));
    }
}

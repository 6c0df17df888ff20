package wrenlane.drill;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Where a rider stands on one drill. Whoever has mastered a drill is taken to have mastered what it rests on: nobody shows
 * the bite point again after a clean U-turn on the same machine.
 *
 * @param id of the drill
 * @param because ids of the drills it still waits for; empty unless {@link State#NOT_YET}
 * @param implied whether it is mastered only because something that rests on it is
 * @param fewerRuns whether it was mastered on another machine and only has to be shown again on this one
 */
public record DrillMastery(String id, State state, List<String> because, boolean implied, boolean fewerRuns) {
    /** How far, the farthest first. */
    public enum State {
        MASTERED,
        WORKING_ON,
        NEXT,
        NOT_YET
    }

    public DrillMastery {
        because = List.copyOf(because);
    }

    /**
     * What is known of a rider.
     *
     * @param onThisMachine drills mastered on the machine now ridden
     * @param onAny drills mastered on any machine, those of this one among them
     * @param tried drills ridden on the machine now ridden
     */
    public record MasteryEvidence(Set<String> onThisMachine, Set<String> onAny, Set<String> tried) {
        public MasteryEvidence {
            onThisMachine = Set.copyOf(onThisMachine);
            onAny = Set.copyOf(onAny);
            tried = Set.copyOf(tried);
        }
    }

    /** The standing on every drill that is taught, in their order. */
    public static List<DrillMastery> of(List<TaughtDrill> taught, MasteryEvidence known) {
        Map<String, TaughtDrill> byId = new LinkedHashMap<>();
        taught.forEach(d -> byId.put(d.id(), d));
        Set<String> here = withWhatTheyRestOn(known.onThisMachine(), byId);
        Set<String> any = withWhatTheyRestOn(known.onAny(), byId);
        Set<String> mastered = new HashSet<>();
        // The first stage is asked for anew on every machine: its bite point, weight and reach are its own.
        taught.stream()
                .filter(d -> (d.stage() == Stage.FIND_THE_ZONE ? here : any).contains(d.id()))
                .forEach(d -> mastered.add(d.id()));
        return taught.stream().map(d -> of(d, known, mastered, any)).toList();
    }

    private static Set<String> withWhatTheyRestOn(Set<String> shown, Map<String, TaughtDrill> byId) {
        Set<String> all = new HashSet<>();
        shown.forEach(id -> add(id, byId, all));
        return all;
    }

    private static void add(String id, Map<String, TaughtDrill> byId, Set<String> all) {
        TaughtDrill drill = byId.get(id);
        if (drill != null && all.add(id)) {
            drill.prerequisites().forEach(before -> add(before, byId, all));
        }
    }

    private static DrillMastery of(TaughtDrill drill, MasteryEvidence known, Set<String> mastered, Set<String> any) {
        List<String> missing = drill.prerequisites().stream()
                .filter(id -> !mastered.contains(id))
                .toList();
        boolean done = mastered.contains(drill.id());
        boolean itself = known.onThisMachine().contains(drill.id())
                || (drill.stage() != Stage.FIND_THE_ZONE && known.onAny().contains(drill.id()));
        State state = done
                ? State.MASTERED
                : known.tried().contains(drill.id())
                        ? State.WORKING_ON
                        : missing.isEmpty() ? State.NEXT : State.NOT_YET;
        return new DrillMastery(
                drill.id(),
                state,
                state == State.NOT_YET ? missing : List.of(),
                done && !itself,
                !done && any.contains(drill.id()));
    }
}

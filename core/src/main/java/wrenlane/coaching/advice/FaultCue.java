package wrenlane.coaching.advice;

import java.util.Set;
import wrenlane.run.Fault;

/** What is said after a fault, in at most five words; from practice. The gravest of several decides. */
public enum FaultCue {
    DROP(Fault.DROP, "bars straight, then brake"),
    FOOT(Fault.FOOT, "let it out a touch"),
    STALL(Fault.STALL, "revs first"),
    STOPPED(Fault.STOPPED, "more drive"),
    GATE(Fault.GATE, "use it all"),
    CONE(Fault.CONE, "front wheel past, then turn"),
    LINE(Fault.LINE, "chin to the exit");

    private final Fault fault;
    private final String cue;

    FaultCue(Fault fault, String cue) {
        this.fault = fault;
        this.cue = cue;
    }

    public Fault fault() {
        return fault;
    }

    public String cue() {
        return cue;
    }

    /**
     * The cue for a run.
     *
     * @param faults at least one
     */
    public static FaultCue of(Set<Fault> faults) {
        for (FaultCue one : values()) {
            if (faults.contains(one.fault)) {
                return one;
            }
        }
        throw new IllegalArgumentException("a clean run needs no cue");
    }
}

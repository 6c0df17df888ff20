package wrenlane.lesson;

import java.util.Optional;
import wrenlane.drill.DrillMastery.State;
import wrenlane.drill.Stage;
import wrenlane.machine.Side;

/**
 * What one rider would ride at a station.
 *
 * @param drillId the drill
 * @param drillName its name
 * @param cue said for it
 * @param stage of the drill; how hard it is
 * @param state where the rider stands on it; never {@link State#NOT_YET}
 * @param eachSide whether sides are ridden one at a time, so that runs come in pairs
 * @param longestMinutes most minutes of riding without a break, on this rider's machine
 * @param settingMetres which of the settings that stand; missing in the open, and where none suits or it is not known
 * @param weakSide the side to begin on, which gets the run more where there is one; missing where both are level
 */
public record RiderTask(
        String drillId,
        String drillName,
        String cue,
        Stage stage,
        State state,
        boolean eachSide,
        int longestMinutes,
        Optional<Double> settingMetres,
        Optional<Side> weakSide) {
    /** A task of which only the drill is known. */
    public RiderTask(
            String drillId,
            String drillName,
            String cue,
            Stage stage,
            State state,
            boolean eachSide,
            int longestMinutes) {
        this(drillId, drillName, cue, stage, state, eachSide, longestMinutes, Optional.empty(), Optional.empty());
    }

    public RiderTask {
        if (state == State.NOT_YET) {
            throw new IllegalArgumentException(
                    "drill " + drillId + " is not yet to be ridden: master what it needs first");
        }
        if (!(longestMinutes >= 1 && longestMinutes <= 60)) {
            throw new IllegalArgumentException(
                    "longestMinutes is " + longestMinutes + " min; it lies between 1 and 60 min");
        }
    }

    /** The same on what stands, with the side to begin on. */
    public RiderTask on(Optional<Double> setting, Optional<Side> weak) {
        return new RiderTask(
                drillId,
                drillName,
                cue,
                stage,
                state,
                eachSide,
                longestMinutes,
                setting,
                eachSide ? weak : Optional.empty());
    }

    /** What a minute of it is worth; chosen by us: what is being learnt comes before what is new, both before repetition. */
    public double worth() {
        return switch (state) {
            case WORKING_ON -> 3;
            case NEXT -> 2.5;
            case MASTERED -> 1;
            case NOT_YET -> 0;
        };
    }
}

package wrenlane.lesson;

import wrenlane.drill.DrillStanding.State;
import wrenlane.drill.Stage;

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
 */
public record RiderTask(
        String drillId, String drillName, String cue, Stage stage, State state, boolean eachSide, int longestMinutes) {
    public RiderTask {
        if (state == State.NOT_YET) {
            throw new IllegalArgumentException(
                    "drill " + drillId + " is not yet to be ridden: master what it rests on first");
        }
        if (!(longestMinutes >= 1 && longestMinutes <= 60)) {
            throw new IllegalArgumentException(
                    "longestMinutes is " + longestMinutes + " min; it lies between 1 and 60 min");
        }
    }

    /** What a minute of it is worth; chosen by us: what is being learnt comes before what is new, both before repetition. */
    double worth() {
        return switch (state) {
            case WORKING_ON -> 3;
            case NEXT -> 2.5;
            case MASTERED -> 1;
            case NOT_YET -> 0;
        };
    }
}

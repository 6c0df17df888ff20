package wrenlane.briefing;

import java.util.List;
import java.util.stream.Collectors;
import wrenlane.course.plan.MarkerCount;

/**
 * How far a day has come: what each stop lacks, and which is the next one to go to.
 *
 * @param yard whether one was chosen
 * @param careOfGround whether the ground of the yard needs care
 * @param courses how many are on the day
 * @param unplaced names of those without a place on the yard
 * @param cones to bring
 * @param riders how many are on the day
 * @param unmeasured names of their machines that nothing was ever measured on
 * @param lesson whether its lesson plan was looked at and stored
 * @param runs logged this day
 * @param past whether the day is over
 */
public record DayState(
        boolean yard,
        boolean careOfGround,
        int courses,
        List<String> unplaced,
        List<ConeCount> cones,
        int riders,
        List<String> unmeasured,
        boolean lesson,
        int runs,
        boolean past) {
    /** Every stop, in the order of the day. */
    public List<StopState> stops() {
        boolean ready = yard && courses > 0 && riders > 0;
        return List.of(
                ready ? StopState.done(Stop.TODAY) : StopState.attention(Stop.TODAY, ""),
                ofYard(),
                ofMachines(),
                courses == 0
                        ? StopState.empty(Stop.COURSE, "No course on this day yet. Add one.")
                        : StopState.done(Stop.COURSE),
                ofSetup(),
                StopState.of(Stop.LESSON, lesson),
                StopState.of(Stop.RANGE, runs > 0),
                StopState.of(Stop.PROGRESS, runs > 0));
    }

    /** The first stop where something is missing without which the later ones are of no use; then the cones, then the runs. */
    public Stop next() {
        if (!yard) {
            return Stop.YARD;
        }
        if (riders == 0) {
            return Stop.MACHINES;
        }
        if (courses == 0) {
            return Stop.COURSE;
        }
        if (runs > 0) {
            return past ? Stop.PROGRESS : Stop.RANGE;
        }
        return unplaced.isEmpty() ? Stop.SETUP : Stop.YARD;
    }

    private StopState ofYard() {
        if (!yard) {
            return StopState.empty(Stop.YARD, "No yard chosen for this day. Measure one, or choose one.");
        }
        if (!unplaced.isEmpty()) {
            return StopState.attention(Stop.YARD, "Find a place on the yard for " + String.join(", ", unplaced) + ".");
        }
        return careOfGround
                ? StopState.attention(Stop.YARD, "The ground of this yard needs care: see the cautions.")
                : StopState.done(Stop.YARD);
    }

    private StopState ofMachines() {
        if (riders == 0) {
            return StopState.empty(Stop.MACHINES, "Nobody is on this day yet. Add riders and machines.");
        }
        return unmeasured.isEmpty()
                ? StopState.done(Stop.MACHINES)
                : StopState.attention(
                        Stop.MACHINES,
                        "Nothing measured yet on " + String.join(", ", unmeasured) + ": typical figures only.");
    }

    private StopState ofSetup() {
        if (courses == 0) {
            return StopState.empty(Stop.SETUP, "Nothing to set up until there is a course.");
        }
        String lacking = cones.stream()
                .filter(c -> c.missing() > 0)
                .map(c -> new MarkerCount(c.marker(), c.missing()).text())
                .collect(Collectors.joining(" and "));
        return lacking.isEmpty()
                ? StopState.done(Stop.SETUP)
                : StopState.attention(
                        Stop.SETUP,
                        "The school lacks " + lacking
                                + " for this day: borrow them, or set courses up one after another.");
    }
}

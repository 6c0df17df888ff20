package wrenlane.drill;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import wrenlane.course.Course;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.machine.Side;
import wrenlane.run.Fault;

/**
 * One drill, complete: what it is for, how it is ridden, by which steps it gets harder, when it is mastered, what it needs
 * first, and how ways of teaching change it.
 *
 * @param id stable, in kebab case
 * @param course missing where it is ridden in the open or standing
 * @param steps easiest first, at least one
 * @param prerequisites ids of the drills to be mastered first
 * @param faults the usual ones
 */
public record Drill(
        String id,
        String name,
        Stage stage,
        DrillWords words,
        DrillRiding riding,
        Optional<DrillCourse> course,
        List<DrillStep> steps,
        List<String> prerequisites,
        DrillScoring scoring,
        Set<Fault> faults,
        DrillAdaptations adaptations,
        DrillAudience audience) {
    public Drill {
        steps = List.copyOf(steps);
        prerequisites = List.copyOf(prerequisites);
        faults = Collections.unmodifiableSet(new TreeSet<>(faults));
    }

    public String cue() {
        return words.cue();
    }

    public PassMark pass() {
        return scoring.pass();
    }

    public DrillScoring.LogEntry loggedBy() {
        return scoring.loggedBy();
    }

    /**
     * The mark asked for on a machine: half the runs, where the first stage was mastered on another and is only opened anew.
     *
     * @param onAnother whether the rider has mastered it on another machine
     */
    public PassMark passAgain(boolean onAnother) {
        return onAnother && stage == Stage.FIND_THE_ZONE ? pass().forANewMachine() : pass();
    }

    /**
     * What is wrong with a run of it.
     *
     * @param kind id of the kind of course it was ridden on; missing where on none
     * @param side turned to; missing where it has none
     */
    public List<Finding> checkRun(Optional<String> kind, Optional<Side> side) {
        Checks checks = new Checks();
        if (course.isEmpty() && kind.isPresent()) {
            checks.add("drill-without-course", "courseId", "“%s” is ridden without a course.".formatted(name));
        }
        if (course.isPresent() && kind.isEmpty()) {
            checks.add(
                    "drill-needs-course", "courseId", "“%s” is ridden on a course. Choose which one.".formatted(name));
        }
        if (course.filter(c -> !kind.map(c.kind()::equals).orElse(true)).isPresent()) {
            checks.add(
                    "drill-on-another-course",
                    "drillId",
                    "“%s” is not ridden on this kind of course. Choose another drill, or another course."
                            .formatted(name));
        }
        boolean isOneSided = riding.sides() == DrillRiding.Sides.EACH;
        if (isOneSided && side.isEmpty()) {
            checks.add("side-missing", "side", "“%s” is ridden to one side at a time. Say which.".formatted(name));
        }
        if (kind.isEmpty() && !isOneSided && side.isPresent()) {
            checks.add("no-side", "side", "“%s” has no side.".formatted(name));
        }
        return checks.findings();
    }

    /**
     * Whether a run counts for it: one that names it; and, on its own kind of course, one that names no drill or another that
     * such a course is for.
     *
     * @param named the drill the run names; missing where it names none
     * @param on the course it was ridden on, as it was set then; missing where on none
     */
    public boolean counts(Optional<Drill> named, Optional<Course> on) {
        boolean suits = course.map(c -> on.filter(c::suits).isPresent()).orElse(on.isEmpty());
        boolean isNamed = named.filter(d -> d.id().equals(id)).isPresent();
        return suits && (isNamed || (isPlain() && named.map(Drill::isPlain).orElse(true)));
    }

    private boolean isPlain() {
        return course.filter(DrillCourse::plain).isPresent();
    }
}

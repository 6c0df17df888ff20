package wrenlane.drill;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import wrenlane.machine.Transmission;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.School;
import wrenlane.run.Fault;

/**
 * One drill, complete: what it is for, how it is ridden, by which steps it gets harder, when it is mastered, what it rests
 * on, and how schools change it.
 *
 * @param id stable, in kebab case
 * @param course missing where it is ridden in the open or standing
 * @param steps easiest first, at least one
 * @param after ids of the drills to be mastered before
 * @param faults the usual ones
 * @param cue at most five words
 * @param inSchool how a school changes it
 * @param withChoice how a choice beside the school changes it
 * @param onlyWithChoice if any are named, it is taught only where one of them is chosen
 * @param transmissions machines it can be ridden on
 * @param schools that teach it
 * @param levels it is for
 */
public record Drill(
        String id,
        String name,
        Stage stage,
        DrillWords words,
        DrillRiding riding,
        Optional<DrillCourse> course,
        List<DrillStep> steps,
        List<String> after,
        PassMark pass,
        LoggedBy loggedBy,
        SpellLimit spell,
        Set<Fault> faults,
        String cue,
        Map<School, Adaptation> inSchool,
        Map<TeachingChoice, Adaptation> withChoice,
        Set<TeachingChoice> onlyWithChoice,
        Set<Transmission> transmissions,
        Set<School> schools,
        Set<RiderLevel> levels) {

    /** What one entry in the log is. */
    public enum LoggedBy {
        RUN,
        SPELL,
        SCORE
    }

    public Drill {
        steps = List.copyOf(steps);
        after = List.copyOf(after);
        faults = Collections.unmodifiableSet(new TreeSet<>(faults));
        inSchool = Collections.unmodifiableMap(new TreeMap<>(inSchool));
        withChoice = Collections.unmodifiableMap(new TreeMap<>(withChoice));
        onlyWithChoice = Collections.unmodifiableSet(new TreeSet<>(onlyWithChoice));
        transmissions = Collections.unmodifiableSet(new TreeSet<>(transmissions));
        schools = Collections.unmodifiableSet(new TreeSet<>(schools));
        levels = Collections.unmodifiableSet(new TreeSet<>(levels));
    }

    /** Whether it is taught to a rider this way. */
    public boolean isTaught(Teaching teaching, Transmission transmission, RiderLevel level) {
        return schools.contains(teaching.school())
                && transmissions.contains(transmission)
                && levels.contains(level)
                && (onlyWithChoice.isEmpty() || !Collections.disjoint(onlyWithChoice, teaching.choices()));
    }

    /**
     * The mark asked for on a machine: half the runs, where the first stage was mastered on another and is only opened anew.
     *
     * @param onAnother whether the rider has mastered it on another machine
     */
    public PassMark passAgain(boolean onAnother) {
        return onAnother && stage == Stage.FIND_THE_ZONE ? pass.forANewMachine() : pass;
    }

    /** All that changes it under a way of teaching; what the school says comes last and so wins. */
    List<Adaptation> adaptations(Teaching teaching) {
        return Stream.concat(
                        teaching.choices().stream().flatMap(c -> Optional.ofNullable(withChoice.get(c)).stream()),
                        Optional.ofNullable(inSchool.get(teaching.school())).stream())
                .toList();
    }
}

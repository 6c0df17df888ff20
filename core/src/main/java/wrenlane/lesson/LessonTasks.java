package wrenlane.lesson;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import wrenlane.course.Course;
import wrenlane.drill.Catalogue;
import wrenlane.drill.Drill;
import wrenlane.drill.DrillMastery;
import wrenlane.drill.DrillMastery.State;
import wrenlane.drill.DrillRiding.Sides;
import wrenlane.drill.DrillRiding.Start;
import wrenlane.drill.Stage;
import wrenlane.drill.TaughtDrill;
import wrenlane.machine.Transmission;

/**
 * What one rider would ride where: what they are working on; else the next there is, the lowest stage first; else what they
 * have mastered, the highest first. Nothing they are not ready for.
 */
public final class LessonTasks {
    private final List<CandidateDrill> known = new ArrayList<>();
    private final Transmission transmission;

    /** A drill with how it is taught to the rider and how they stand on it. */
    private record CandidateDrill(Drill drill, TaughtDrill taught, DrillMastery mastery) {
        boolean isOpen() {
            return mastery.state() != State.MASTERED;
        }
    }

    /**
     * The tasks of a rider.
     *
     * @param taught the drills that are taught to the rider
     * @param masteryOfDrills on each of them, in the same order
     */
    public LessonTasks(
            Catalogue catalogue,
            List<TaughtDrill> taught,
            List<DrillMastery> masteryOfDrills,
            Transmission transmission) {
        this.transmission = transmission;
        for (int i = 0; i < taught.size(); i++) {
            TaughtDrill one = taught.get(i);
            DrillMastery mastery = masteryOfDrills.get(i);
            if (mastery.state() != State.NOT_YET) {
                catalogue.find(one.id()).ifPresent(d -> known.add(new CandidateDrill(d, one, mastery)));
            }
        }
    }

    /** On a course. */
    public Optional<RiderTask> on(Course course) {
        return best(k -> k.drill().course().filter(c -> c.suits(course)).isPresent());
    }

    /** Without a course: rolling where there is such a drill, else standing or on foot. */
    public Optional<RiderTask> inTheOpen() {
        Predicate<CandidateDrill> open =
                k -> k.drill().course().isEmpty() && k.drill().stage() != Stage.ALONGSIDE;
        return best(open.and(k -> k.drill().riding().start() == Start.ROLLING
                        && !k.drill().riding().withoutEyes()))
                .or(() -> best(open));
    }

    /** While others ride: something that needs nobody to watch and is not mastered yet. */
    public Optional<RiderTask> meanwhile() {
        return best(k -> k.drill().riding().withoutEyes()
                && k.isOpen()
                && k.drill().riding().start() != Start.ROLLING);
    }

    private Optional<RiderTask> best(Predicate<CandidateDrill> suits) {
        List<CandidateDrill> suiting = known.stream().filter(suits).toList();
        Comparator<CandidateDrill> byStage = Comparator.comparing(k -> k.drill().stage());
        for (State state : List.of(State.WORKING_ON, State.NEXT, State.MASTERED)) {
            Comparator<CandidateDrill> order = state == State.MASTERED ? byStage.reversed() : byStage;
            Optional<CandidateDrill> found =
                    suiting.stream().filter(k -> k.mastery().state() == state).min(order);
            if (found.isPresent()) {
                return found.map(this::task);
            }
        }
        return Optional.empty();
    }

    private RiderTask task(CandidateDrill k) {
        Integer minutes = k.drill().scoring().timedRide().longestMinutes().get(transmission);
        return new RiderTask(
                k.drill().id(),
                k.drill().name(),
                k.taught().cue(),
                k.drill().stage(),
                k.mastery().state(),
                k.drill().riding().sides() == Sides.EACH,
                minutes == null ? SHORT : minutes);
    }

    /** Minutes where a drill says none for a transmission; chosen by us: the shortest timed ride practitioners give. */
    private static final int SHORT = 5;
}

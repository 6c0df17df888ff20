package wrenlane.lesson;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wrenlane.course.NestedCourse;
import wrenlane.setup.SetupSheet;
import wrenlane.setup.WalkingOrder;
import wrenlane.units.LengthSystem;

/**
 * Ground to ride on: a course of the day, or open ground without cones.
 *
 * @param id of the course, or {@link #OPEN}
 * @param name as shown
 * @param laying an estimate of how long it takes to set it out, and to pick it up again, in minutes
 * @param standing whether it stands from the start, beside the others that do
 * @param passSeconds one run with the way back and a word, for the slowest rider: an estimate
 * @param tasks what each rider would ride here, by rider; whoever is missing has nothing to ride here yet
 * @param sharing ids of stations with which it shares ground or cones: never ridden at the same time
 */
public record Station(
        String id,
        String name,
        SetupMinutes laying,
        boolean standing,
        int passSeconds,
        Map<String, RiderTask> tasks,
        Set<String> sharing) {
    /** The id of open ground. */
    public static final String OPEN = "open";

    /**
     * How long cones take.
     *
     * @param outMinutes to set them out
     * @param inMinutes to pick them up
     */
    public record SetupMinutes(double outMinutes, double inMinutes) {
        /** Where there is nothing to lay. */
        public static final SetupMinutes NONE = new SetupMinutes(0, 0);

        /** By the setup sheet of what stands there, walked with little walking. */
        public static SetupMinutes of(NestedCourse course) {
            WalkingOrder walk = SetupSheet.of(course, LengthSystem.METRIC).walk();
            return new SetupMinutes(walk.minutes(), walk.pickingMinutes());
        }
    }

    /** One with its ground to itself. */
    public Station(
            String id,
            String name,
            SetupMinutes laying,
            boolean standing,
            int passSeconds,
            Map<String, RiderTask> tasks) {
        this(id, name, laying, standing, passSeconds, tasks, Set.of());
    }

    public Station {
        sharing = Set.copyOf(sharing);
        if (!(passSeconds >= 5 && passSeconds <= 900)) {
            throw new IllegalArgumentException("passSeconds is " + passSeconds + " s; it lies between 5 and 900 s");
        }
        tasks = Map.copyOf(new LinkedHashMap<>(tasks));
    }

    /** Whether all of some riders have something to ride here. */
    public boolean isForAll(Set<String> riders) {
        return tasks.keySet().containsAll(riders);
    }

    /** Whether it and another may be ridden at the same time: a course stands once, open ground is wherever there is room. */
    boolean mayBeBeside(Station other) {
        return id.equals(other.id) ? id.equals(OPEN) : !sharing.contains(other.id) && !other.sharing.contains(id);
    }

    Optional<RiderTask> task(String rider) {
        return Optional.ofNullable(tasks.get(rider));
    }

    /** Whether cones are laid for it only when it is its turn. */
    boolean isLaidInTurn() {
        return !standing && !id.equals(OPEN);
    }

    /** The hardest stage anybody rides here, as its place among the stages. */
    int hardness() {
        return tasks.values().stream().mapToInt(t -> t.stage().ordinal()).max().orElse(0);
    }

    /** The least of the longest timed rides of those who ride here, in minutes. */
    int shortestTimedRideMinutes() {
        return tasks.values().stream().mapToInt(RiderTask::longestMinutes).min().orElse(60);
    }

    /**
     * Minutes from the end of riding at one station to the start at another, in the same area: picking up what was laid for
     * the one, laying the other. Nothing where both stand, or neither has cones.
     */
    public int minutesAfter(Optional<Station> before) {
        if (before.filter(b -> b.id.equals(id)).isPresent()) {
            return 0;
        }
        double minutes = (isLaidInTurn() ? laying.outMinutes : 0)
                + before.filter(Station::isLaidInTurn)
                        .map(b -> b.laying.inMinutes)
                        .orElse(0.0);
        return (int) Math.ceil(minutes);
    }
}

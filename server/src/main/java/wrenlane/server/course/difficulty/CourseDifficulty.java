package wrenlane.server.course.difficulty;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.DoublePredicate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseKind.TurnSides;
import wrenlane.course.CourseSettings;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.riding.Ride;
import wrenlane.server.course.evaluation.CourseQuery;
import wrenlane.server.platform.calculation.BoundedCache;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.calculation.Weights;
import wrenlane.units.LengthSystem;
import wrenlane.verdict.Difficulty;
import wrenlane.verdict.SizeLadder;
import wrenlane.verdict.SmallestSize;

/**
 * How hard each course is on each machine, kept: it takes a dozen searches to find, and does not change while the ladder's
 * own dimension is dragged.
 */
@Service
public class CourseDifficulty implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(CourseDifficulty.class);

    /** Memory for each of the two, in bytes. */
    private static final long MOST_BYTES = 6_000_000;

    /**
     * Most calculations that wait in the background; chosen by us: a day of twelve riders and five courses. Beyond it a page
     * that still wants one asks again, and where nobody does, the work ends with these.
     */
    private static final int MOST_WANTED = 64;

    /** A course but for its ladder's dimension, which is put at its standard. */
    private record DifficultyQuestion(Course course, MachineTurn turn) {}

    private final BoundedCache<DifficultyQuestion, Difficulty> known =
            BoundedCache.within(MOST_BYTES, of -> Weights.of(of.course()));
    private final DifficultyFile file;
    private final ComputeScheduler scheduler;
    private final Map<DifficultyQuestion, Boolean> wanted = new ConcurrentHashMap<>();
    private final ExecutorService background = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "difficulty-background");
        thread.setDaemon(true);
        return thread;
    });
    private final BoundedCache<CourseQuery, Optional<SmallestSize>> needs =
            BoundedCache.within(MOST_BYTES, CourseQuery::bytes);

    CourseDifficulty(DifficultyFile file, ComputeScheduler scheduler) {
        this.file = file;
        this.scheduler = scheduler;
    }

    /** The difficulty of a course to a side, over its ladder's settings. */
    public Difficulty of(Course course, MachineTurn turn, Side side) {
        return of(asked(course, turn, side));
    }

    private Difficulty of(DifficultyQuestion asked) {
        return known.get(
                asked,
                () -> file.find(asked.course(), asked.turn()).orElseGet(() -> {
                    Difficulty computed = Difficulty.of(asked.course(), asked.turn());
                    file.keep(asked.course(), asked.turn(), computed);
                    return computed;
                }));
    }

    /**
     * Whether the difficulty to a side can be told at once. If not it is computed in the background, after all that somebody
     * waits for; asked again a little later, it can.
     */
    public boolean isKnown(Course course, MachineTurn turn, Side side) {
        DifficultyQuestion asked = asked(course, turn, side);
        if (known.known(asked).isPresent() || file.find(asked.course(), turn).isPresent()) {
            return true;
        }
        if (wanted.size() < MOST_WANTED && wanted.putIfAbsent(asked, true) == null) {
            background.execute(() -> compute(asked));
        }
        return false;
    }

    private void compute(DifficultyQuestion asked) {
        try {
            scheduler.whole(Priority.LATER, "how hard a course is", () -> of(asked));
        } catch (RuntimeException e) {
            LOG.debug("Not calculated in the background; asked again it is tried again: {}", e.getMessage());
        } finally {
            wanted.remove(asked);
        }
    }

    @Override
    public void destroy() {
        background.shutdownNow();
    }

    private static DifficultyQuestion asked(Course course, MachineTurn turn, Side side) {
        boolean mirrored = course.kind().turning() == TurnSides.ONE_SIDE
                && course.firstTurn() != side
                && !Difficulty.alike(course, turn);
        Course here = standard(mirrored ? course.mirrored() : course);
        return new DifficultyQuestion(here, turn);
    }

    /** The same for the harder side. */
    public Difficulty ofBothSides(Course course, MachineTurn turn) {
        Difficulty left = of(course, turn, Side.LEFT);
        return Difficulty.alike(course, turn) ? left : left.harder(of(course, turn, Side.RIGHT));
    }

    /** The sizes of a machine on a course, both sides together. */
    public SizeLadder ladder(Course course, MachineTurn turn, LengthSystem system) {
        return SizeLadder.of(course, turn, ofBothSides(course, turn), system);
    }

    /** The same with wider sizes for somebody who needs them. */
    public SizeLadder ladder(Course course, MachineTurn turn, LengthSystem system, DoublePredicate isEasyEnough) {
        return SizeLadder.of(course, turn, ofBothSides(course, turn), system, isEasyEnough);
    }

    /** The tightest setting for a rider, as the course is set; empty where none fits. */
    public Optional<SmallestSize> need(Course course, Ride ride) {
        Course here = standard(course);
        return needs.get(
                new CourseQuery(here, ride),
                () -> SmallestSize.of(here, here.kind().ladder(), ride));
    }

    /** The same course for every setting of its ladder, unless the others contradict the standard one. */
    private static Course standard(Course course) {
        CourseDimension ladder = course.kind().ladder();
        CourseSettings standard = course.settings().taped().with(ladder, ladder.standard());
        return standard.check(course.kind()).isEmpty()
                ? new Course(course.kind(), standard, course.firstTurn())
                : course.taped();
    }
}

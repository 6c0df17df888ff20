package wrenlane.bench.lesson;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.hardsoftlong.HardSoftLongScore;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import wrenlane.lesson.LessonBrief;
import wrenlane.lesson.Station;

/** A lesson as the solver sees it: slots in a row, one for each area of each round. */
@PlanningSolution
public class Order {
    private static final int ROUNDS = 4;

    private LessonBrief brief;

    @ValueRangeProvider
    private List<String> stations;

    @ValueRangeProvider
    private List<Integer> minutes;

    @PlanningEntityCollectionProperty
    private List<Slot> slots;

    @PlanningScore
    private HardSoftLongScore score;

    /** For the solver, which makes its own. */
    public Order() {}

    Order(LessonBrief brief) {
        this.brief = brief;
        this.stations = brief.stations().stream()
                .filter(s -> s.isForAll(Set.copyOf(brief.riders())))
                .map(Station::id)
                .toList();
        this.minutes = IntStream.rangeClosed(10, 25).boxed().toList();
        this.slots = IntStream.range(0, ROUNDS * brief.watchedAreas())
                .mapToObj(Slot::new)
                .toList();
    }

    /** The brief with what the slots say as its wishes. */
    LessonBrief wished() {
        return new LessonBrief(
                brief.minutes(),
                brief.riders(),
                brief.stations(),
                brief.areas(),
                brief.helpers(),
                brief.weather(),
                slots.stream().flatMap(Slot::wish).toList());
    }

    LessonBrief brief() {
        return brief;
    }

    public HardSoftLongScore getScore() {
        return score;
    }

    public void setScore(HardSoftLongScore score) {
        this.score = score;
    }
}

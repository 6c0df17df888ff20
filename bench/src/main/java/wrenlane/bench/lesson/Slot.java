package wrenlane.bench.lesson;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import java.util.Optional;
import java.util.stream.Stream;
import wrenlane.lesson.Wish;

/** A place in the order that the solver may fill with a station, and for how long. Without a station it is left out. */
@PlanningEntity
public class Slot {
    @PlanningId
    private int place;

    @PlanningVariable(allowsUnassigned = true)
    private String station;

    @PlanningVariable
    private Integer minutes;

    /** For the solver, which makes its own. */
    public Slot() {}

    Slot(int place) {
        this.place = place;
        this.minutes = 15;
    }

    Stream<Wish> wish() {
        return station == null ? Stream.empty() : Stream.of(new Wish(station, Optional.of(minutes)));
    }

    public int getPlace() {
        return place;
    }

    public String getStation() {
        return station;
    }

    public void setStation(String station) {
        this.station = station;
    }

    public Integer getMinutes() {
        return minutes;
    }

    public void setMinutes(Integer minutes) {
        this.minutes = minutes;
    }
}

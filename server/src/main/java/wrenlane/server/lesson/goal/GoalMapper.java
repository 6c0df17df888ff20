package wrenlane.server.lesson.goal;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;

/** All SQL about goals. */
@Mapper
interface GoalMapper {
    Optional<GoalRow> find(long riderId);

    void put(GoalRow row);
}

package wrenlane.server.lesson.debrief;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** All SQL about debriefs. */
@Mapper
interface DebriefMapper {
    List<DebriefRow> ofDay(long dayId);

    Optional<DebriefRow> find(@Param("dayId") long dayId, @Param("riderId") long riderId);

    void put(DebriefRow row);
}

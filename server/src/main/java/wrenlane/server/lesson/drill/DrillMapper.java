package wrenlane.server.lesson.drill;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;

/** All SQL about drills, and who has shown which. */
@Mapper
interface DrillMapper {
    List<DrillRow> all();

    Optional<DrillRow> find(String id);

    /** Stores it with the version it says. */
    void put(DrillRow row);

    void delete(String id);

    List<MasteredRow> masteredBy(long riderId);

    void master(MasteredRow row);

    void unmaster(long riderId, long machineId, String drillId);
}

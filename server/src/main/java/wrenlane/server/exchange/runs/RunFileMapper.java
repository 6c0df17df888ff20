package wrenlane.server.exchange.runs;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** SQL that puts names to runs. */
@Mapper
interface RunFileMapper {
    /** Runs that count, by the time they were ridden, from a place on. */
    List<NamedRun> named(
            @Param("riderId") @Nullable Long riderId,
            @Param("dayId") @Nullable Long dayId,
            @Param("afterMs") long afterMs,
            @Param("afterRow") long afterRow,
            @Param("most") int most);
}

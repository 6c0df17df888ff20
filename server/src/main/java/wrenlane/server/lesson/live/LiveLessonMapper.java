package wrenlane.server.lesson.live;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** All SQL about live lessons, each kept as one JSON value. */
@Mapper
interface LiveLessonMapper {
    Optional<String> find(long dayId);

    /** Finds an archived one, too. */
    Optional<String> findBegun(long dayId);

    void put(@Param("dayId") long dayId, @Param("state") String state);

    void archive(long dayId);
}

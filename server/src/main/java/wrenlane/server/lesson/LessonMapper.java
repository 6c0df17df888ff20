package wrenlane.server.lesson;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** All SQL about lessons. */
@Mapper
interface LessonMapper {
    Optional<LessonRow> find(long dayId);

    void put(LessonRow row);

    List<CheckRow> checks(long dayId);

    void check(CheckRow row);

    void uncheck(long dayId, String item);

    /** A running lesson as one JSON value. */
    Optional<String> running(long dayId);

    void putRunning(@Param("dayId") long dayId, @Param("state") String state);

    void putAway(long dayId);

    /** The same, also after it was put away. */
    Optional<String> begun(long dayId);
}

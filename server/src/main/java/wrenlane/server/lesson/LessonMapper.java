package wrenlane.server.lesson;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;

/** All SQL about lessons. */
@Mapper
interface LessonMapper {
    Optional<LessonRow> find(long dayId);

    void put(LessonRow row);
}

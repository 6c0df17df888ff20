package wrenlane.server.day.tick;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** All SQL about ticked cones. */
@Mapper
interface TickMapper {
    List<String> labels(@Param("dayId") long dayId, @Param("courseId") long courseId);

    void insert(@Param("dayId") long dayId, @Param("courseId") long courseId, @Param("label") String label);

    void delete(@Param("dayId") long dayId, @Param("courseId") long courseId, @Param("label") String label);
}

package wrenlane.server.course;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** All SQL about courses. */
@Mapper
interface CourseMapper {
    List<CourseRow> all();

    Optional<CourseRow> find(long id);

    List<DimensionRow> dimensions(long courseId);

    long insert(CourseRow row);

    int update(CourseRow row);

    int delete(long id);

    void clearDimensions(long courseId);

    void insertDimension(@Param("courseId") long courseId, @Param("d") DimensionRow dimension);
}

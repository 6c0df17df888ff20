package wrenlane.server.course;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** All SQL about courses. */
@Mapper
interface CourseMapper {
    /** The archived ones too. */
    List<CourseRow> all();

    /** Also an archived one: runs may be ridden on it. */
    Optional<CourseRow> find(long id);

    /** Whether there is one that is not archived. */
    boolean isThere(long id);

    List<DimensionRow> dimensions(long courseId);

    List<CountRow> counts(long courseId);

    List<OptionRow> options(long courseId);

    long insert(CourseRow row);

    int update(CourseRow row);

    /** Archives it at a time, or restores it where that is missing. */
    int archive(@Param("id") long id, @Param("at") @Nullable String at);

    int delete(long id);

    void clearDimensions(long courseId);

    void clearCounts(long courseId);

    void clearOptions(long courseId);

    void insertDimension(@Param("courseId") long courseId, @Param("d") DimensionRow dimension);

    void insertCount(@Param("courseId") long courseId, @Param("name") String name, @Param("value") int value);

    void insertOption(@Param("courseId") long courseId, @Param("name") String name, @Param("value") String value);
}

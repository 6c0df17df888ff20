package wrenlane.server.day;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** All SQL about days. */
@Mapper
interface DayMapper {
    List<DayRow> all();

    /** So many, newest first, from before a day on; from the newest where that is missing. */
    List<DayRow> page(@Param("before") @Nullable DayRow before, @Param("most") int most);

    Optional<DayRow> find(long id);

    List<DayCourseRow> courses(@Param("ids") Collection<Long> ids);

    /** The widest first. */
    List<DaySizeRow> sizes(@Param("ids") Collection<Long> ids);

    List<DayRiderRow> riders(@Param("ids") Collection<Long> ids);

    /** Also one that is archived by now. */
    boolean hasCourse(@Param("dayId") long dayId, @Param("courseId") long courseId);

    boolean hasRider(@Param("dayId") long dayId, @Param("riderId") long riderId);

    long insert(DayRow row);

    int update(DayRow row);

    int delete(long id);

    void clearCourses(long dayId);

    void clearRiders(long dayId);

    void insertCourse(@Param("course") DayCourseRow course, @Param("position") int position);

    void insertSize(DaySizeRow size);

    void insertRider(@Param("rider") DayRiderRow rider, @Param("position") int position);
}

package wrenlane.server.course.kit;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** All SQL about the kit, and about which courses stand in what of it. */
@Mapper
interface KitMapper {
    List<KitRow> all();

    long version();

    void countUp();

    void clear();

    void insert(KitRow row);

    List<MarkerRow> markers();

    Optional<Long> markerNamed(String name);

    long insertMarker(MarkerRow row);

    int updateMarker(MarkerRow row);

    /** So that another may have its name, until it has a name again. */
    void setNameAside(long id);

    void deleteMarker(long id);

    /** Names of the courses that stand in it and are not taken away. */
    List<String> standingIn(long markerId);

    /** Those taken away stand in the usual one again. */
    void forget(long markerId);

    /** In the order of their places, from one to another. */
    List<MarkerRow> ofCourse(@Param("courseId") long courseId, @Param("from") int from, @Param("to") int to);

    void clearCourse(long courseId);

    /**
     * Puts a marker in a place of a course.
     *
     * @param markerId missing for the usual flat one
     */
    void insertCourse(
            @Param("courseId") long courseId, @Param("markerId") @Nullable Long markerId, @Param("place") int place);
}

package wrenlane.server.kit;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

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

    List<MarkerRow> ofCourse(long courseId);

    void clearCourse(long courseId);

    void insertCourse(@Param("courseId") long courseId, @Param("markerId") long markerId);
}

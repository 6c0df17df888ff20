package wrenlane.server.course.difficulty;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** All SQL about difficulty as it was computed. */
@Mapper
interface DifficultyMapper {
    /** A row of the difficulty table. */
    record DifficultyRow(String key, String points) {}

    /** Those computed last, whatever way they were computed. */
    List<DifficultyRow> latest(int most);

    void put(DifficultyRow row);

    /** Forgets all but those computed last. */
    void keepLatest(@Param("most") int most);
}

package wrenlane.server.progress.practice;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;

/** All SQL about practice alone. */
@Mapper
interface PracticeMapper {
    /** Of a rider on a kind, oldest first. */
    List<PracticeRow> of(long riderId, String kind);

    long insert(PracticeRow row);

    int delete(long riderId, long id);
}

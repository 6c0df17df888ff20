package wrenlane.server.lesson.teaching;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;

/** All SQL about the choices in teaching drills. */
@Mapper
interface TeachingMapper {
    long version();

    /** None until somebody chooses. */
    List<String> choices();

    /** Raises the version. */
    void countChange();

    void clear();

    void insert(String choice);
}

package wrenlane.server.platform.reference;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;

/** All SQL about what refers to what. Runs count even where they were undone: they stay on record. */
@Mapper
interface UseMapper {
    List<UseRow> ofYard(long id);

    List<UseRow> ofCourse(long id);

    List<UseRow> ofMachine(long id);

    List<UseRow> ofRider(long id);

    List<UseRow> ofDay(long id);
}

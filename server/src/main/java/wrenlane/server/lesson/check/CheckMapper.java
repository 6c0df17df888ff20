package wrenlane.server.lesson.check;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;

/** All SQL about the safety check of a day. */
@Mapper
interface CheckMapper {
    List<CheckRow> ofDay(long dayId);

    void insert(CheckRow row);

    void delete(long dayId, String item);
}

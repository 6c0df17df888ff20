package wrenlane.server.course;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** All SQL about tightness as it was reckoned. */
@Mapper
interface TightnessMapper {
    /** A row of the tightness table. */
    record TightnessRow(String key, String points) {}

    /** Those reckoned last, whatever way they were reckoned. */
    List<TightnessRow> latest(int most);

    void put(TightnessRow row);

    /** Forgets all but those reckoned last. */
    void keepLatest(@Param("most") int most);
}

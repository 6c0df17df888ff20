package wrenlane.server.ground.yard;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;

/** All SQL about yards. */
@Mapper
interface YardMapper {
    List<YardRow> all();

    Optional<YardRow> find(long id);

    long insert(YardRow row);

    int update(YardRow row);

    int delete(long id);
}

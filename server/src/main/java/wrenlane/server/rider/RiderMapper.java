package wrenlane.server.rider;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;

/** All SQL about riders. */
@Mapper
interface RiderMapper {
    List<RiderRow> all();

    Optional<RiderRow> find(long id);

    long insert(RiderRow row);

    int update(RiderRow row);

    int delete(long id);
}

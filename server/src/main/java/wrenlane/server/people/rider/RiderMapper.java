package wrenlane.server.people.rider;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** All SQL about riders. */
@Mapper
interface RiderMapper {
    List<RiderRow> all();

    Optional<RiderRow> find(long id);

    long insert(RiderRow row);

    int update(RiderRow row);

    int archive(@Param("id") long id, @Param("archived") boolean archived);

    int delete(long id);
}

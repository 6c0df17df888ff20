package wrenlane.server.progress.opinion;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;

/** All SQL about opinions. */
@Mapper
interface OpinionMapper {
    Optional<OpinionRow> find(long riderId, String kind);

    void put(OpinionRow row);
}

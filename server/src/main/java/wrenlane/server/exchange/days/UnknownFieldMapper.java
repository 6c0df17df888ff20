package wrenlane.server.exchange.days;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** All SQL about kept fields. */
@Mapper
interface UnknownFieldMapper {
    Optional<UnknownFieldRow> find(@Param("sort") String sort, @Param("itemId") long itemId);

    void insert(UnknownFieldRow row);
}

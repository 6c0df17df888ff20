package wrenlane.server.progress.cause;

import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;

/** All SQL about causes. */
@Mapper
interface CauseMapper {
    CausesRow get();

    void put(@Nullable String document);
}

package wrenlane.server.platform.version;

import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** All SQL about stamps; they are written by triggers alone. */
@Mapper
interface StampMapper {
    /** Stamps of some ids; the list must not be empty. */
    List<StampRow> find(@Param("what") String what, @Param("ids") Collection<Long> ids);
}

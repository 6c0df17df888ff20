package wrenlane.server.platform.creation;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** All SQL about creations. */
@Mapper
interface CreationMapper {
    Optional<CreationRow> find(String key);

    void insert(
            @Param("key") String key,
            @Param("what") String what,
            @Param("made") String made,
            @Param("createdAt") String createdAt);

    void deleteBefore(String createdAt);
}

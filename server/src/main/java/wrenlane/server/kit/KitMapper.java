package wrenlane.server.kit;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;

/** All SQL about the kit. */
@Mapper
interface KitMapper {
    List<KitRow> all();

    long version();

    void countUp();

    void clear();

    void insert(KitRow row);
}

package wrenlane.server.platform.storage;

import org.apache.ibatis.annotations.Mapper;

/** All SQL about numbering. */
@Mapper
interface NumberingMapper {
    /** See {@link Storage#leastVersion}. */
    long leastVersion();
}

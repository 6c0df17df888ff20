package wrenlane.server.people.aim;

import org.apache.ibatis.annotations.Mapper;

/** All SQL about what is aimed at. */
@Mapper
interface AimMapper {
    AimResponse get();

    void put(int cleanPercent);
}

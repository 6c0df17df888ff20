package wrenlane.server.lesson.teaching;

import org.apache.ibatis.annotations.Mapper;

/** All SQL about the choices in teaching drills. */
@Mapper
interface TeachingMapper {
    long version();

    String choices();

    /** Stores choices, and raises the version. */
    void put(String choices);
}

package wrenlane.server.people.machine;

import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** All SQL about machines. */
@Mapper
interface MachineMapper {
    List<Long> ids();

    /** Machines of some ids, by name; the list must not be empty. */
    List<MachineRow> find(@Param("ids") Collection<Long> ids);

    List<FigureRow> figures(@Param("ids") Collection<Long> ids);

    List<CircleRow> circles(@Param("ids") Collection<Long> ids);

    long insert(MachineRow row);

    int update(MachineRow row);

    int delete(long id);

    void clearFigures(long machineId);

    void clearCircles(long machineId);

    void insertFigure(FigureRow figure);

    void insertCircle(CircleRow circle);
}

package wrenlane.server.machine;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** All SQL about machines. */
@Mapper
interface MachineMapper {
    List<MachineRow> all();

    Optional<MachineRow> find(long id);

    List<FigureRow> figures(long machineId);

    List<CircleRow> circles(long machineId);

    long insert(MachineRow row);

    int update(MachineRow row);

    int delete(long id);

    void clearFigures(long machineId);

    void clearCircles(long machineId);

    void insertFigure(@Param("machineId") long machineId, @Param("figure") FigureRow figure);

    void insertCircle(@Param("machineId") long machineId, @Param("circle") CircleRow circle);
}

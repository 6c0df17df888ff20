package wrenlane.server.course.difficulty;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import wrenlane.course.Course;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.verdict.Difficulty;

/** Under what a difficulty is kept in the data file: all that it was computed from, always in the same order. */
final class DifficultyKey {
    private DifficultyKey() {}

    static String of(Course course, MachineTurn turn) {
        List<String> parts = new ArrayList<>();
        parts.add("way " + Difficulty.METHOD);
        parts.add(course.kind().id() + " " + course.firstTurn());
        new TreeMap<>(course.settings().saying()).forEach((name, value) -> parts.add(name + "=" + value));
        parts.add(turn.machine().transmission().name());
        for (MachineDimension dimension : MachineDimension.values()) {
            parts.add(dimension + "=" + turn.machine().value(dimension));
        }
        turn.circles().stream()
                .map(c -> c.side() + " " + c.posture() + "=" + c.diameter().metres())
                .sorted()
                .forEach(parts::add);
        return String.join("\n", parts);
    }
}

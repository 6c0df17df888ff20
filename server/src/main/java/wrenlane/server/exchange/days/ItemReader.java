package wrenlane.server.exchange.days;

import java.time.LocalDate;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.finding.TypedText;
import wrenlane.server.course.CourseRequest;
import wrenlane.server.exchange.days.ImportDocument.CalibrationItem;
import wrenlane.server.exchange.days.ImportDocument.CourseItem;
import wrenlane.server.exchange.days.ImportDocument.GoalItem;
import wrenlane.server.exchange.days.ImportDocument.GroundItem;
import wrenlane.server.exchange.days.ImportDocument.MachineItem;
import wrenlane.server.exchange.days.ImportDocument.OutlineItem;
import wrenlane.server.exchange.days.ImportDocument.YardItem;
import wrenlane.server.ground.yard.GroundJson;
import wrenlane.server.ground.yard.OutlineJson;
import wrenlane.server.ground.yard.OutlineJson.DiagonalJson;
import wrenlane.server.ground.yard.YardRequest;
import wrenlane.server.lesson.goal.GoalJson;
import wrenlane.server.people.machine.CircleJson;
import wrenlane.server.people.machine.MachineRequest;
import wrenlane.server.platform.length.CalibrationJson;
import wrenlane.server.platform.length.LengthJson;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.units.Calibrations;
import wrenlane.yard.Corner;

/** From the things of a file to what each resource stores. */
final class ItemReader {
    private ItemReader() {}

    static YardRequest yard(YardItem y) {
        CalibrationJson pace = calibration(y.pace());
        CalibrationJson bay = calibration(y.bay());
        Calibrations known = CalibrationJson.calibrations(pace, bay);
        return new YardRequest(y.name(), ground(y.ground(), known), orEmpty(y.notes()), pace, bay);
    }

    private static GroundJson ground(GroundItem g, Calibrations known) {
        Double towards = g.fallTowardsRadians();
        return new GroundJson(
                outline(g.outline(), known),
                g.surface(),
                g.fallPercent(),
                towards == null ? 0 : towards,
                orNone(g.obstacles()),
                orNone(g.bayRows()),
                g.entrance(),
                g.sideNames());
    }

    private static OutlineJson outline(OutlineItem o, Calibrations known) {
        List<Corner> corners = o.corners();
        return new OutlineJson(
                o.sides().stream().map(s -> s.length(known)).toList(),
                corners == null ? Collections.nCopies(o.sides().size(), Corner.SQUARE) : corners,
                orNone(o.diagonals()).stream()
                        .map(d -> new DiagonalJson(d.from(), d.to(), d.length().length(known)))
                        .toList());
    }

    static <T> List<T> orNone(@Nullable List<T> given) {
        return given == null ? List.of() : given;
    }

    private static @Nullable CalibrationJson calibration(@Nullable CalibrationItem c) {
        return c == null ? null : new CalibrationJson(c.count(), c.taped().length(Calibrations.NONE));
    }

    static MachineRequest machine(MachineItem m) {
        return new MachineRequest(
                m.name(),
                m.classId(),
                m.transmission(),
                Optional.ofNullable(m.figures()).orElse(List.of()),
                Optional.ofNullable(m.circles()).orElse(List.of()).stream()
                        .map(c -> new CircleJson(
                                c.side(), c.posture(), c.diameter().length(Calibrations.NONE)))
                        .toList());
    }

    static CourseRequest course(CourseItem c) {
        CourseKind kind = CourseKinds.find(c.kind())
                .orElseThrow(() -> RefusedException.of(
                        "no-such-kind",
                        c.key(),
                        "There is no kind of course called " + TypedText.quoted(c.kind()) + "."));
        Map<String, LengthJson> lengths = new HashMap<>();
        orNone(c.lengths()).forEach((name, text) -> lengths.put(name, text.length(Calibrations.NONE)));
        return CourseRequest.standard(kind)
                .as(
                        c.name(),
                        lengths,
                        orNone(c.counts()),
                        orNone(c.options()),
                        c.firstTurn(),
                        orNone(c.markers()),
                        orNone(c.within()));
    }

    /**
     * A goal whose machine is not known by its number yet.
     *
     * @param today that days are counted from
     */
    static GoalJson goal(GoalItem g, LocalDate today) {
        if (g.by() != null && g.inDays() != null) {
            throw RefusedException.of("goal-date", "goal", "Give a goal either a day it is wanted by or inDays.");
        }
        GoalJson goal = new GoalJson(
                g.name(),
                g.kind(),
                0L,
                g.setting().length(Calibrations.NONE),
                g.inDays() == null ? g.by() : today.plusDays(g.inDays()),
                g.everyDays());
        // One that was set long ago comes in too.
        RefusedException.unlessNone(goal.check(Optional.ofNullable(goal.by()).orElse(today)));
        return goal;
    }

    private static <V> Map<String, V> orNone(@Nullable Map<String, V> given) {
        return given == null ? Map.of() : given;
    }

    static String orEmpty(@Nullable String text) {
        return text == null ? "" : text;
    }
}

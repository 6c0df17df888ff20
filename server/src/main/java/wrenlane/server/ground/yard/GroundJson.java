package wrenlane.server.ground.yard;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.finding.TypedText;
import wrenlane.plane.Point;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.yard.BayRow;
import wrenlane.yard.CoursePlacement;
import wrenlane.yard.Fall;
import wrenlane.yard.MeasuredOutline;
import wrenlane.yard.Obstacle;
import wrenlane.yard.Surface;
import wrenlane.yard.SurveyedOutline;
import wrenlane.yard.Yard;

/**
 * What is measured of a yard's ground, in its own axes: corner A at the origin, side AB along x, y to the left.
 *
 * @param fallPercent 0 to 15
 * @param fallTowardsRadians the way downhill, from x, anticlockwise
 * @param entrance where machines come in; missing where it does not matter
 * @param sideNames what people call the sides, from AB on, such as "quay kerb"; blank or missing where they have no name
 */
public record GroundJson(
        @NotNull @Valid OutlineJson outline,
        @NotNull Surface surface,
        @Schema(minimum = "0", maximum = "15") @NotNull Double fallPercent,

        @Schema(minimum = "-6.2832", maximum = "6.2832") @NotNull
        Double fallTowardsRadians,

        @NotNull @Size(max = 100) List<@NotNull @Valid ObstacleJson> obstacles,
        @NotNull @Size(max = 20) List<@NotNull @Valid BayRowJson> bayRows,
        @Valid @Nullable EntranceJson entrance,
        @Size(max = MeasuredOutline.MOST_SIDES) @Nullable List<@NotNull @Size(max = 40) String> sideNames) {
    /** What people call the sides, from AB on; blank where a side has no name. */
    List<String> sides() {
        return Objects.requireNonNullElse(sideNames, List.<String>of()).stream()
                .map(TypedText::line)
                .toList();
    }

    /** Something on the yard: a rectangle about its middle, turned from x. */
    public record ObstacleJson(
            @NotNull Obstacle.Kind kind,
            @NotNull @Size(max = 60) String name,

            @Schema(minimum = "-1000", maximum = "1000") @NotNull
            Double xMetres,

            @Schema(minimum = "-1000", maximum = "1000") @NotNull
            Double yMetres,

            @Schema(minimum = "0.01", maximum = "200") @NotNull
            Double lengthMetres,

            @Schema(minimum = "0.01", maximum = "200") @NotNull
            Double widthMetres,

            @Schema(minimum = "-6.2832", maximum = "6.2832") @NotNull
            Double turnRadians,

            @Schema(minimum = "0", maximum = "20") @NotNull Double keepClearMetres) {
        private Checks checked(String where) {
            return new Checks()
                    .add(inTheYard(where + ".xMetres", "Along", xMetres))
                    .add(inTheYard(where + ".yMetres", "Across", yMetres))
                    .add(turn(where, turnRadians))
                    .add(Checks.range(where, "The length", lengthMetres, 0.01, Obstacle.MOST_METRES, "m"))
                    .add(Checks.range(where, "The width", widthMetres, 0.01, Obstacle.MOST_METRES, "m"))
                    .add(Checks.range(
                            where, "The ground kept clear", keepClearMetres, 0, Obstacle.MOST_CLEAR_METRES, "m"));
        }

        private Obstacle obstacle() {
            return new Obstacle(
                    kind,
                    TypedText.line(name),
                    new Point(xMetres, yMetres),
                    lengthMetres,
                    widthMetres,
                    turnRadians,
                    keepClearMetres);
        }
    }

    /** A row of painted bays, to the left of its direction, from the outer end of its first line. */
    public record BayRowJson(
            @Schema(minimum = "-1000", maximum = "1000") @NotNull
            Double xMetres,

            @Schema(minimum = "-1000", maximum = "1000") @NotNull
            Double yMetres,

            @Schema(minimum = "-6.2832", maximum = "6.2832") @NotNull
            Double turnRadians,

            @Schema(minimum = "1", maximum = "200") @NotNull Integer count,

            @Schema(minimum = "0.5", maximum = "20") @NotNull
            Double bayMetres,

            @Schema(minimum = "0.5", maximum = "50") @NotNull
            Double depthMetres) {
        private Checks checked(String where) {
            return new Checks()
                    .add(inTheYard(where + ".xMetres", "Along", xMetres))
                    .add(inTheYard(where + ".yMetres", "Across", yMetres))
                    .add(turn(where, turnRadians))
                    .add(Checks.range(where, "The number of bays", count, 1, BayRow.MOST, ""))
                    .add(Checks.range(where, "The bay", bayMetres, 0.5, 20, "m"))
                    .add(Checks.range(where, "The depth", depthMetres, 0.5, 50, "m"));
        }

        static BayRowJson of(BayRow row) {
            return new BayRowJson(
                    row.at().x(), row.at().y(), row.turnRadians(), row.count(), row.bayMetres(), row.depthMetres());
        }

        private BayRow row() {
            return new BayRow(new Point(xMetres, yMetres), turnRadians, count, bayMetres, depthMetres);
        }
    }

    /** Where machines come in: on a side, so far from its first corner. */
    public record EntranceJson(
            @Schema(minimum = "0", maximum = "15") @NotNull Integer side,

            @Schema(minimum = "0", maximum = "1000") @NotNull
            Double alongMetres) {}

    private static Optional<Finding> inTheYard(String where, String what, double metres) {
        return Checks.range(
                where, what, metres, -CoursePlacement.FARTHEST_METRES, CoursePlacement.FARTHEST_METRES, "m");
    }

    private static Optional<Finding> turn(String where, double radians) {
        return Checks.range(where, "The turn", radians, -2 * Math.PI, 2 * Math.PI, "rad");
    }

    /** The outline with its errors spread, whatever is wrong with it. */
    SurveyedOutline survey() {
        return outline.measured().survey();
    }

    /** To the core, or refused with what is wrong. */
    Yard yard() {
        return yard(survey());
    }

    /** The same, with the outline surveyed already. */
    Yard yard(SurveyedOutline surveyed) {
        Checks checks = new Checks()
                .add(Checks.range("ground.fallPercent", "The fall", fallPercent, 0, Fall.MAX_PERCENT, "%"))
                .add(turn("ground.fallTowardsRadians", fallTowardsRadians));
        for (int i = 0; i < obstacles.size(); i++) {
            checks.addAll(obstacles.get(i).checked("ground.obstacles." + i).findings());
        }
        for (int i = 0; i < bayRows.size(); i++) {
            checks.addAll(bayRows.get(i).checked("ground.bayRows." + i).findings());
        }
        checks.addAll(surveyed.blocking());
        RefusedException.unlessNone(checks);
        return new Yard(
                surveyed.corners(),
                surface,
                new Fall(fallPercent, fallTowardsRadians),
                obstacles.stream().map(ObstacleJson::obstacle).toList(),
                bayRows.stream().map(BayRowJson::row).toList(),
                entrance(surveyed));
    }

    private Optional<Point> entrance(SurveyedOutline surveyed) {
        EntranceJson e = entrance;
        if (e == null) {
            return Optional.empty();
        }
        int n = surveyed.corners().size();
        RefusedException.unlessNone(
                new Checks().add(Checks.range("ground.entrance.side", "The side", e.side(), 0, n - 1, "")));
        Point a = surveyed.corners().get(e.side());
        Point b = surveyed.corners().get((e.side() + 1) % n);
        double length = a.distanceTo(b);
        RefusedException.unlessNone(new Checks()
                .add(Checks.range("ground.entrance.alongMetres", "The entrance", e.alongMetres(), 0, length, "m")));
        double share = e.alongMetres() / length;
        return Optional.of(new Point(a.x() + share * (b.x() - a.x()), a.y() + share * (b.y() - a.y())));
    }
}

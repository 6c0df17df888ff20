package wrenlane.server.ground.placement;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.yard.CoursePlacement;

/** Where a course stands: its origin and its x axis, in the yard's axes. */
public record PlacementJson(
        @NotNull Double xMetres,
        @NotNull Double yMetres,
        @NotNull Double turnRadians) {
    public static PlacementJson of(CoursePlacement s) {
        return new PlacementJson(s.xMetres(), s.yMetres(), s.turnRadians());
    }

    /** What is out of range. */
    public List<Finding> check(String where) {
        double far = CoursePlacement.FARTHEST_METRES;
        return new Checks()
                .add(Checks.range(where, "Along", xMetres, -far, far, "m"))
                .add(Checks.range(where, "Across", yMetres, -far, far, "m"))
                .add(Checks.range(where, "The turn", turnRadians, -2 * Math.PI, 2 * Math.PI, "rad"))
                .findings();
    }

    /**
     * To the core, or refused with what is out of range.
     *
     * @return missing where none is said
     */
    public static @Nullable CoursePlacement checked(@Nullable PlacementJson said, String where) {
        if (said == null) {
            return null;
        }
        RefusedException.unlessNone(new Checks().addAll(said.check(where)));
        return said.stand();
    }

    /** To the core; has been checked. */
    public CoursePlacement stand() {
        return new CoursePlacement(xMetres, yMetres, turnRadians);
    }
}

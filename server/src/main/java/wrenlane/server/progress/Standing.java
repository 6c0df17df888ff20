package wrenlane.server.progress;

import org.jspecify.annotations.Nullable;
import wrenlane.verdict.Ladder;

/**
 * Where a rider stands on a machine.
 *
 * @param ladder of the machine
 * @param limitLeftMetres of the machine to the left
 * @param limitRightMetres of the machine to the right
 * @param left estimate, where there are runs enough
 * @param right estimate, where there are runs enough
 * @param rung to begin on; missing where the ladder is empty
 */
public record Standing(
        Ladder ladder,
        double limitLeftMetres,
        double limitRightMetres,
        @Nullable EstimateJson left,
        @Nullable EstimateJson right,
        Ladder.@Nullable Rung rung) {}

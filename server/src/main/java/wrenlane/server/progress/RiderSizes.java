package wrenlane.server.progress;

import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;
import wrenlane.coaching.Aim;
import wrenlane.machine.Side;
import wrenlane.verdict.SizeLadder;

/**
 * Where a rider stands on a machine.
 *
 * @param ladder of the machine
 * @param limitLeftMetres setting of difficulty 1.00 to the left; missing where there is none
 * @param limitRightMetres the same to the right
 * @param left estimate, where there are runs enough
 * @param right estimate, where there are runs enough
 * @param size to begin on; missing where the ladder is empty
 * @param working the size whose chance of a clean run lies nearest to what is aimed at; missing where there is none
 * @param weakSide the side to begin on; missing where both are level, or one is not known
 * @param chances at any setting; not told
 */
public record RiderSizes(
        SizeLadder ladder,
        @Nullable Double limitLeftMetres,
        @Nullable Double limitRightMetres,
        @Nullable EstimateJson left,
        @Nullable EstimateJson right,
        SizeLadder.@Nullable SizeStep size,
        Aim.@Nullable SizeChance working,
        @Nullable Side weakSide,
        @JsonIgnore Chances chances) {
    /** The chance of a clean run at a setting in metres, to the side where it is less; missing where nothing is known. */
    public @Nullable ChanceJson chanceAt(double settingMetres) {
        return chances.at(settingMetres).orElse(null);
    }
}

package wrenlane.server.people.rider;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RiderLimits;

/** The most lean a rider uses as requests give it: missing where it is that of the level. */
public final class LeanLimit {
    /** Least that is taken, in radians: 5°, as {@link RiderLimits#LEAST_LEAN_RADIANS}. */
    public static final String LEAST = "0.087";

    /** Most, in radians: 45°, as {@link RiderLimits#GREATEST_LEAN_RADIANS}. */
    public static final String GREATEST = "0.786";

    private LeanLimit() {}

    /** The limits of a rider of a level. */
    public static RiderLimits limits(RiderLevel level, @Nullable Double mostLeanRadians) {
        return level.limits(Optional.ofNullable(mostLeanRadians));
    }
}

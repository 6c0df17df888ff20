package wrenlane.server.kit;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.Map;
import wrenlane.course.plan.ConeSort;

/**
 * How many cones of each sort the school owns.
 *
 * @param conesOwned a sort that is missing was never counted
 */
public record KitJson(@NotNull Map<@NotNull ConeSort, @NotNull @Min(0) @Max(2000) Integer> conesOwned) {}

package wrenlane.server.course.kit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;

/**
 * A marker of the school's own.
 *
 * @param id missing where it is new
 * @param owned how many there are; missing where they were never counted
 */
public record KitMarkerJson(
        @Nullable Long id,
        @NotNull @Valid MarkerJson marker,
        @Nullable @Min(0) @Max(2000) Integer owned) {}

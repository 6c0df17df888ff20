package wrenlane.server.day;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.server.http.Visible;
import wrenlane.server.placing.StandJson;

/**
 * A day as a person plans it.
 *
 * @param yardId where, once that is known
 * @param courseIds in the order they are set
 * @param stands where courses of the day stand on its yard at once; one without is set up after another
 * @param riders who rides what, in the order they ride
 */
public record DayRequest(
        @NotNull LocalDate date,
        @Visible @Size(max = 80) String title,
        @Nullable Long yardId,
        @NotNull @Size(max = 20) List<@NotNull Long> courseIds,
        @NotNull @Size(max = 20) List<@NotNull @Valid DayStand> stands,
        @NotNull @Size(max = 60) List<@NotNull @Valid DayRider> riders) {
    /** Where a course stands. */
    public record DayStand(
            @NotNull Long courseId, @NotNull @Valid StandJson stand) {}

    /** A rider with the machine ridden that day. */
    public record DayRider(@NotNull Long riderId, @NotNull Long machineId) {}
}

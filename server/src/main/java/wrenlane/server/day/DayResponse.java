package wrenlane.server.day;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.server.http.Versioned;

/** A day as stored. */
public record DayResponse(
        long id,
        long version,
        LocalDate date,
        String title,
        @Nullable Long yardId,
        List<Long> courseIds,
        List<DayRequest.DayStand> stands,
        List<DayRequest.DayRider> riders)
        implements Versioned {}

package wrenlane.server.day;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.day.Day;
import wrenlane.id.CourseId;
import wrenlane.id.YardId;
import wrenlane.server.day.DayRequest.DayPlacement;
import wrenlane.server.day.DayRequest.DayRider;
import wrenlane.server.day.DayRequest.DaySettings;
import wrenlane.server.platform.http.VersionedResource;
import wrenlane.server.platform.version.Edition;

/** A day as stored. */
record DayResponse(
        long id,
        long version,
        LocalDate date,
        String title,
        @Nullable Long yardId,
        List<Long> courseIds,
        List<DayPlacement> stands,
        List<DaySettings> activeSizes,
        List<DayRider> riders)
        implements VersionedResource {
    static DayResponse of(Edition<Day> stored) {
        Day day = stored.value();
        return new DayResponse(
                day.id().value(),
                stored.version(),
                day.date(),
                day.title(),
                day.yardId().map(YardId::value).orElse(null),
                day.courseIds().stream().map(CourseId::value).toList(),
                DayPlacement.of(day),
                day.courses().stream()
                        .filter(c -> !c.activeSizesMetres().isEmpty())
                        .map(c -> new DaySettings(c.courseId().value(), c.activeSizesMetres()))
                        .toList(),
                day.riders().stream().map(DayRider::of).toList());
    }
}

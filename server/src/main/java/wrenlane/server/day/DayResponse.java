package wrenlane.server.day;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wrenlane.course.NestedCourse;
import wrenlane.server.course.CourseResponse;
import wrenlane.server.platform.http.Versioned;
import wrenlane.yard.CourseGround;
import wrenlane.yard.StandingCourse;

/** A day as stored. */
public record DayResponse(
        long id,
        long version,
        LocalDate date,
        String title,
        @Nullable Long yardId,
        List<Long> courseIds,
        List<DayRequest.DayStand> stands,
        List<DayRequest.DaySettings> standsAt,
        List<DayRequest.DayRider> riders)
        implements Versioned {
    /** Settings that a course was said to stand at, in metres; none where it stands as it is set. */
    public List<Double> settingsOf(long courseId) {
        return standsAt.stream()
                .filter(s -> s.courseId() == courseId)
                .map(DayRequest.DaySettings::metres)
                .findFirst()
                .orElse(List.of());
    }

    /** A course as it stands; as it is set, where it was changed since so that the settings no longer go with it. */
    public NestedCourse nested(CourseResponse stored) {
        return NestedCourse.asFarAsItCan(stored.course(), settingsOf(stored.id()));
    }

    /** Those of some courses that have a place on the day's yard, as they stand there, by their numbers and in their order. */
    public Map<Long, StandingCourse> standing(List<CourseResponse> courses) {
        Map<Long, StandingCourse> standing = new LinkedHashMap<>();
        for (CourseResponse course : courses) {
            stands.stream()
                    .filter(s -> s.courseId().equals(course.id()))
                    .findFirst()
                    .ifPresent(s -> standing.put(
                            course.id(),
                            CourseGround.of(course.name(), nested(course))
                                    .at(s.stand().stand())));
        }
        return standing;
    }
}

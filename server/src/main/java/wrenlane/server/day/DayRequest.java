package wrenlane.server.day;

import com.fasterxml.jackson.annotation.JsonAlias;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import wrenlane.course.NestedCourse;
import wrenlane.day.Day;
import wrenlane.id.CourseId;
import wrenlane.id.RiderId;
import wrenlane.id.YardId;
import wrenlane.server.ground.placement.PlacementJson;
import wrenlane.server.platform.http.VisibleText;

/**
 * A day as a person plans it.
 *
 * @param yardId where, once that is known
 * @param courseIds in the order they are set
 * @param stands where courses of the day stand on its yard at once; one without is set up after another
 * @param activeSizes settings that courses of the day stand at; a course that is not named, and all where it is missing,
 *     stands as it is set
 * @param riders who rides what, in the order they ride
 */
public record DayRequest(
        @NotNull LocalDate date,
        @VisibleText @Size(max = 80) String title,
        @Nullable Long yardId,
        @NotNull @Size(max = DayRequest.MOST_COURSES) List<@NotNull Long> courseIds,
        @NotNull @Size(max = 20) List<@NotNull @Valid DayPlacement> stands,
        @JsonAlias("standsAt") @Nullable @Size(max = 20) List<@NotNull @Valid DaySettings> activeSizes,
        @NotNull @Size(max = DayRequest.MOST_RIDERS) List<@NotNull @Valid DayRider> riders) {
    /** Most courses of a day. */
    public static final int MOST_COURSES = 20;

    /** Most riders of a day. */
    public static final int MOST_RIDERS = 60;

    /** Where a course stands. */
    public record DayPlacement(
            @NotNull Long courseId, @NotNull @Valid PlacementJson stand) {
        static List<DayPlacement> of(Day day) {
            return day.placements().entrySet().stream()
                    .map(p -> new DayPlacement(p.getKey().value(), PlacementJson.of(p.getValue())))
                    .toList();
        }
    }

    /** Settings of its ladder that a course stands at, in metres, the widest first. */
    public record DaySettings(
            @NotNull Long courseId,
            @NotNull @Size(min = 1, max = NestedCourse.MOST) List<@NotNull Double> metres) {
        /** The same, the widest first however they were said. */
        DaySettings widestFirst() {
            return new DaySettings(
                    courseId, metres.stream().sorted(Comparator.reverseOrder()).toList());
        }
    }

    /**
     * A day like another one.
     *
     * @param sizesMetres the one size each course is set up at
     * @param rides which of its riders ride again
     */
    static DayRequest like(
            Day day, LocalDate date, String title, Map<CourseId, Double> sizesMetres, Predicate<RiderId> rides) {
        List<DaySettings> sizes = new ArrayList<>();
        for (CourseId course : day.courseIds()) {
            Optional.ofNullable(sizesMetres.get(course))
                    .ifPresent(size -> sizes.add(new DaySettings(course.value(), List.of(size))));
        }
        return new DayRequest(
                date,
                title,
                day.yardId().map(YardId::value).orElse(null),
                day.courseIds().stream().map(CourseId::value).toList(),
                DayPlacement.of(day),
                sizes,
                day.riders().stream()
                        .filter(r -> rides.test(r.riderId()))
                        .map(DayRider::of)
                        .toList());
    }

    /** The settings said, the widest first. */
    List<DaySettings> settings() {
        return activeSizes == null
                ? List.of()
                : activeSizes.stream().map(DaySettings::widestFirst).toList();
    }

    /** A rider with the machine ridden that day. */
    public record DayRider(@NotNull Long riderId, @NotNull Long machineId) {
        static DayRider of(wrenlane.day.DayRider rider) {
            return new DayRider(rider.riderId().value(), rider.machineId().value());
        }
    }
}

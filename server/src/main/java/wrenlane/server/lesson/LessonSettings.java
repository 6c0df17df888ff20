package wrenlane.server.lesson;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.lesson.LessonBrief;
import wrenlane.lesson.Weather;
import wrenlane.lesson.Wish;
import wrenlane.rider.RidingMethod;

/**
 * What a lesson is planned from, beside the day itself.
 *
 * @param startsAt time of day, such as 09:30
 * @param minutes from the first word to the last
 * @param areas that can be ridden on at once
 * @param helpers beside the instructor
 * @param absent riders of the day who are not there (yet)
 * @param wishes stations in the order they are wanted; empty where the planner chooses
 * @param school the riding method of the whole day; missing where everybody rides by their own
 */
public record LessonSettings(
        @NotNull @Pattern(regexp = "([01][0-9]|2[0-3]):[0-5][0-9]")
        String startsAt,

        @NotNull @Min(LessonBrief.SHORTEST) @Max(LessonBrief.LONGEST)
        Integer minutes,

        @NotNull @Min(1) @Max(LessonBrief.MOST_AREAS) Integer areas,
        @NotNull @Min(0) @Max(LessonBrief.MOST_HELPERS) Integer helpers,
        @NotNull Weather weather,
        @NotNull @Size(max = LessonBrief.MOST_RIDERS) List<@NotNull Long> absent,
        @NotNull @Size(max = 12) List<@NotNull @Valid WishJson> wishes,
        @Nullable RidingMethod school) {

    /** Until somebody says otherwise: chosen by us, as most lessons are. */
    static final LessonSettings USUAL = new LessonSettings("09:00", 150, 1, 0, Weather.DRY, List.of(), List.of(), null);

    /**
     * A station in its place.
     *
     * @param station id of a course of the day, or open
     * @param minutes fixed; missing where the planner shares the time out
     */
    public record WishJson(
            @NotNull @Size(max = 20) String station,
            @Nullable @Min(5) @Max(120) Integer minutes) {
        static WishJson of(Wish wish) {
            return new WishJson(wish.station(), wish.minutes().orElse(null));
        }

        Wish wish() {
            return new Wish(station, Optional.ofNullable(minutes));
        }
    }
}

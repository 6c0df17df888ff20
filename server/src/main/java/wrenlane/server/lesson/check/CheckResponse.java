package wrenlane.server.lesson.check;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.lesson.SafetyCheck;

/**
 * The briefing and safety check of a day.
 *
 * @param items only what applies
 * @param open how many were neither seen to nor passed over
 */
public record CheckResponse(long dayId, List<CheckItem> items, int open) {
    /**
     * One item.
     *
     * @param partLabel when it is done, in words
     * @param doneBy missing while it is open
     * @param reason why it was passed over; missing where it was seen to
     */
    public record CheckItem(
            String id,
            SafetyCheck.Part part,
            String partLabel,
            String text,
            @Nullable String doneBy,
            @Nullable Instant doneAt,
            @Nullable String reason) {}
}

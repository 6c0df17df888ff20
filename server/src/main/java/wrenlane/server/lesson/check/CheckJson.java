package wrenlane.server.lesson.check;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import wrenlane.server.platform.http.VisibleText;

/**
 * Items of the safety check that somebody saw to, or passes over.
 *
 * @param items their ids
 * @param doneBy the name of whoever did
 * @param reason why they are passed over; empty where they were seen to
 */
record CheckJson(
        @NotNull @Size(min = 1, max = 60) List<@NotNull @Size(max = 60) String> items,
        @VisibleText @Size(max = 80) String doneBy,
        @NotNull @Size(max = 200) String reason) {}

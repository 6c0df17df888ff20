package wrenlane.server.lesson.debrief;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import wrenlane.server.platform.http.VersionedResource;

/**
 * What a rider is told of a day, in the instructor's words.
 *
 * @param version where nothing was said yet, the least there is
 * @param text empty where what is computed holds
 */
public record DebriefText(long version, String text) implements VersionedResource {
    /** Nothing said. */
    /** What is said where nothing was. */
    static DebriefText none(long version) {
        return new DebriefText(version, "");
    }

    /** As it is sent. */
    record DebriefTextRequest(@NotNull @Size(max = 2000) String text) {}
}

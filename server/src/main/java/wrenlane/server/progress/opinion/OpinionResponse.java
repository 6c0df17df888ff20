package wrenlane.server.progress.opinion;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import wrenlane.server.platform.http.VersionedResource;

/**
 * What an instructor holds to be behind a rider's faults on a kind of course.
 *
 * @param version where nothing was ever said, the least there is
 * @param words missing where nothing is held
 * @param saidOn when; missing with the words
 */
record OpinionResponse(
        long version, @Nullable String words, @Nullable LocalDate saidOn) implements VersionedResource {
    static OpinionResponse none(long version) {
        return new OpinionResponse(version, null, null);
    }

    static OpinionResponse of(OpinionRow row) {
        return row.words().isEmpty()
                ? new OpinionResponse(row.version(), null, null)
                : new OpinionResponse(row.version(), row.words(), row.saidOn());
    }
}

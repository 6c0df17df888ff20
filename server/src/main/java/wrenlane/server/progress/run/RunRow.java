package wrenlane.server.progress.run;

import org.jspecify.annotations.Nullable;

/**
 * A row of the run table.
 *
 * @param rowNumber the order in which runs were stored; missing until it is
 * @param drillId the drill it names; missing where it names none
 * @param courseId missing where it was ridden on no course
 * @param loggedAtMs milliseconds since 1970 began, so that runs come in the order of the instants
 * @param replaces id of the run this one corrects; missing where it corrects none
 * @param withdrawnAt missing while it counts
 * @param withdrawnOn the name of the device that withdrew it; empty where it gave none
 * @param document everything else, as {@link RunDocument} reads it
 */
record RunRow(
        @Nullable Long rowNumber,
        String id,
        Long dayId,
        Long riderId,
        Long machineId,
        @Nullable String drillId,
        @Nullable Long courseId,
        Long loggedAtMs,
        @Nullable String replaces,
        @Nullable String withdrawnAt,
        String withdrawnOn,
        String document) {}

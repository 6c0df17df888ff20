package wrenlane.server.progress.opinion;

import java.time.LocalDate;

/**
 * A row of the opinion table.
 *
 * @param words none where it was taken away
 */
record OpinionRow(Long riderId, String kind, Long version, String words, LocalDate saidOn) {}

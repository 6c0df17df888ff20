package wrenlane.server.platform.http;

import jakarta.validation.constraints.NotNull;

/**
 * Archives something, or restores it.
 *
 * @param archived whether it is offered nowhere from now on
 */
public record ArchivedRequest(@NotNull Boolean archived) {}

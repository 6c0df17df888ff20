package wrenlane.server.people.machine;

import org.jspecify.annotations.Nullable;

/** A row of the machine table. */
record MachineRow(@Nullable Long id, @Nullable Long version, String name, String classId, String transmission) {}

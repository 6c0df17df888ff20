package wrenlane.server.course.kit;

/** A row of the kit table. */
record KitRow(String sort, Integer owned) {}

package wrenlane.server.kit;

/** A row of the kit table. */
record KitRow(String sort, Integer owned) {}

package wrenlane.server.platform.version;

/** A row of the stamp table, without what it is of. */
record StampRow(Long id, String stamp) {}

package wrenlane.server.platform.creation;

/** A row of the table of creations, without its key and time. */
record CreationRow(String what, String made) {}

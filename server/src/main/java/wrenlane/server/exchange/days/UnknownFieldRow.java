package wrenlane.server.exchange.days;

/** A row of the kept_field table: fields of a file that this version does not know, as JSON. */
record UnknownFieldRow(String sort, Long itemId, String fields) {}

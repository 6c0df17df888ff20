package wrenlane.server.platform.reference;

/** How often a thing is referred to by others of a sort, in the singular. */
record UseRow(String sort, Integer count) {}

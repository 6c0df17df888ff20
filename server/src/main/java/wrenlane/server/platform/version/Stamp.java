package wrenlane.server.platform.version;

/**
 * What a thing is now: equal to another only where nothing of it has changed between, also where the data was restored
 * from a copy meanwhile.
 *
 * @param id of the thing
 * @param stamp written anew, at random, whenever the thing is written; empty for one that never was
 */
public record Stamp(long id, String stamp) {}

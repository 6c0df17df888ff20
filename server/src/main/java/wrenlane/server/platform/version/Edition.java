package wrenlane.server.platform.version;

/**
 * A value with the number of its version.
 *
 * @param version 1 when it was created, one more with every change
 */
public record Edition<T>(long version, T value) {}

package wrenlane.server.people.aim;

import wrenlane.server.platform.http.VersionedResource;

/**
 * What is aimed at, as stored.
 *
 * @param cleanPercent how many runs in 100 should be clean
 */
record AimResponse(long version, int cleanPercent) implements VersionedResource {}

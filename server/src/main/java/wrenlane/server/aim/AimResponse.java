package wrenlane.server.aim;

import wrenlane.server.http.Versioned;

/**
 * What is aimed at, as stored.
 *
 * @param cleanPercent how many runs in 100 should be clean
 */
record AimResponse(long version, int cleanPercent) implements Versioned {}

package wrenlane.server.ground.placement;

/**
 * A place for a course where it shares cones.
 *
 * @param withId course it shares them with
 * @param cones how many it shares, with all that stand
 */
record SharedPlaceJson(long withId, int cones, PlacementJson stand) {}

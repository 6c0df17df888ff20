package wrenlane.rideline;

import wrenlane.course.Route;

/**
 * A line that is looked for.
 *
 * @param route the way, and what to keep clear of
 * @param footprint ground the machine takes
 * @param limits what there is to turn with
 */
public record LineTask(Route route, Footprint footprint, TurnLimits limits) {}

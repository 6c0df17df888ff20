package wrenlane.server.people.machine;

import wrenlane.machine.MachineTurn;

/**
 * A machine as a day needs it.
 *
 * @param measured whether any figure of it was, or a circle
 */
public record RiddenMachine(long id, String name, boolean measured, MachineTurn turn) {}

package wrenlane.server.progress;

import wrenlane.machine.NamedMachine;
import wrenlane.rider.Rider;

/**
 * A rider of a day on the machine they ride, with what says what they can do on a kind of course.
 *
 * @param latest runs on that kind, as few as an estimate needs
 */
public record Participant(Rider rider, NamedMachine machine, RiderRuns latest) {}

package wrenlane.drill;

import java.util.Collections;
import java.util.Set;
import java.util.TreeSet;
import wrenlane.machine.Transmission;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RidingMethod;

/**
 * Who a drill is taught to.
 *
 * @param transmissions machines it can be ridden on
 * @param methods riding methods that teach it
 * @param levels it is for
 * @param choices if any are named, it is taught only where one of them is chosen
 */
public record DrillAudience(
        Set<Transmission> transmissions,
        Set<RidingMethod> methods,
        Set<RiderLevel> levels,
        Set<TeachingChoice> choices) {
    public DrillAudience {
        transmissions = Collections.unmodifiableSet(new TreeSet<>(transmissions));
        methods = Collections.unmodifiableSet(new TreeSet<>(methods));
        levels = Collections.unmodifiableSet(new TreeSet<>(levels));
        choices = Collections.unmodifiableSet(new TreeSet<>(choices));
    }

    /** Whether a rider of a level belongs to it, taught this way on such a machine. */
    boolean has(Teaching teaching, Transmission transmission, RiderLevel level) {
        return methods.contains(teaching.school())
                && transmissions.contains(transmission)
                && levels.contains(level)
                && (choices.isEmpty() || !Collections.disjoint(choices, teaching.choices()));
    }
}

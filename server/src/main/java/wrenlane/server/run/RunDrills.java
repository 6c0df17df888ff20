package wrenlane.server.run;

import java.util.Optional;
import wrenlane.drill.Drill;

/** The drills that runs name; kept apart so that who stands where on the drills can be reckoned from runs. */
public interface RunDrills {
    /** A drill of the catalogue as it holds here, also one that is left out. */
    Optional<Drill> drill(String id);
}

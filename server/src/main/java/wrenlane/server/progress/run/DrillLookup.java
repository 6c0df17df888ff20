package wrenlane.server.progress.run;

import java.util.Optional;
import java.util.Set;
import wrenlane.drill.Drill;

/** The drills that runs and causes name. The lesson module, which depends on this one, provides them. */
public interface DrillLookup {
    /** A drill of the catalogue as it holds here, also one that is left out. */
    Optional<Drill> drill(String id);

    /** The ids of all drills of the catalogue. */
    Set<String> drillIds();
}

package wrenlane.yard;

import java.util.List;
import wrenlane.id.YardId;
import wrenlane.units.Calibrations;

/**
 * A yard of the school: its name, its ground, and what is counted on it.
 *
 * @param sideNames what people call the sides, from AB on; blank where a side has no name, and fewer where the last have none
 * @param calibrations the pace and the bays measured here
 * @param cautions of the ground and of how it was measured
 */
public record NamedYard(
        YardId id, String name, Yard yard, List<String> sideNames, Calibrations calibrations, List<Caution> cautions) {
    public NamedYard {
        sideNames = List.copyOf(sideNames);
        cautions = List.copyOf(cautions);
    }

    /** The name of a side, 0 for AB; blank where it has none. */
    public String sideName(int side) {
        return side < sideNames.size() ? sideNames.get(side) : "";
    }
}

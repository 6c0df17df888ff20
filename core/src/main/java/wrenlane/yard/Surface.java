package wrenlane.yard;

import wrenlane.riding.Grip;

/** What the yard is paved with. */
public enum Surface {
    ASPHALT("asphalt", false, 0.8),
    CONCRETE("concrete", false, 0.8),
    BLOCK_PAVING("block paving", false, 0.7),
    GRAVEL("gravel", true, 0.5),
    PACKED_EARTH("packed earth", true, 0.55),
    GRASS("grass", true, 0.4);

    private final String label;
    private final boolean loose;
    private final double frictionCoefficient;

    Surface(String label, boolean loose, double frictionCoefficient) {
        this.label = label;
        this.loose = loose;
        this.frictionCoefficient = frictionCoefficient;
    }

    public String label() {
        return label;
    }

    /** Whether tyres find less grip than on dry paving. */
    public boolean loose() {
        return loose;
    }

    /** Friction of tyres on it, dry and swept; an estimate of ours, cautious, from the ranges that texts on braking give. */
    public double frictionCoefficient() {
        return frictionCoefficient;
    }

    /** What of it a turn may take. */
    public Grip grip() {
        return loose ? Grip.loose(frictionCoefficient) : Grip.firm(frictionCoefficient);
    }
}

package wrenlane.units;

/** The units a person reads lengths in. */
public enum LengthSystem {
    METRIC,
    IMPERIAL
}

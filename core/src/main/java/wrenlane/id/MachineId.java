package wrenlane.id;

/** The id of a machine. */
public record MachineId(long value) {
    @Override
    public String toString() {
        return Long.toString(value);
    }
}

package wrenlane.id;

/** The id of a rider. */
public record RiderId(long value) {
    @Override
    public String toString() {
        return Long.toString(value);
    }
}

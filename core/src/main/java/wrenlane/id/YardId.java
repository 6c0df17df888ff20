package wrenlane.id;

/** The id of a yard. */
public record YardId(long value) {
    @Override
    public String toString() {
        return Long.toString(value);
    }
}

package wrenlane.id;

/** The id of a day. */
public record DayId(long value) {
    @Override
    public String toString() {
        return Long.toString(value);
    }
}

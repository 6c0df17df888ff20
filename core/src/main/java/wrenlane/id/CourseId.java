package wrenlane.id;

/** The id of a course. */
public record CourseId(long value) {
    @Override
    public String toString() {
        return Long.toString(value);
    }
}

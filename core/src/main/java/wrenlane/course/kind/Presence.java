package wrenlane.course.kind;

/** Whether something is set out. */
enum Presence {
    NO("No"),
    YES("Yes");

    private final String label;

    Presence(String label) {
        this.label = label;
    }

    @Override
    public String toString() {
        return label;
    }
}

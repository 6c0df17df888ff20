package wrenlane.course.kind;

/** Whether something is set out. */
enum Shown {
    NO("No"),
    YES("Yes");

    private final String label;

    Shown(String label) {
        this.label = label;
    }

    @Override
    public String toString() {
        return label;
    }
}

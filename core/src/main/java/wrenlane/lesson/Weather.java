package wrenlane.lesson;

/** Weather, as far as it changes a lesson. */
public enum Weather {
    DRY("dry", 50),
    DAMP("damp", 45),
    HOT("hot", 30);

    private final String label;
    private final int longestMinutes;

    Weather(String label, int longestMinutes) {
        this.label = label;
        this.longestMinutes = longestMinutes;
    }

    public String label() {
        return label;
    }

    /** Most minutes of riding between two pauses; from practice, chosen by us: hands and heads tire first, sooner in heat. */
    public int longestMinutes() {
        return longestMinutes;
    }
}

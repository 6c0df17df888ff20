package wrenlane.run;

/** What one entry in the log is. */
public enum RunSort {
    /** One attempt, seen from its start to its end. */
    RUN,
    /** Minutes or laps ridden without a break, logged as one with the faults in it. */
    SPELL,
    /** Stopped before it could be told: neither clean nor a fault. */
    BROKEN_OFF;

    /** Whether it says by itself if the rider can do it; a timed ride says so by its faults a lap. */
    public boolean scored() {
        return this == RUN;
    }
}

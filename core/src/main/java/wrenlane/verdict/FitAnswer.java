package wrenlane.verdict;

/** Whether a machine and rider can ride a course; from the best answer to the worst. */
public enum FitAnswer {
    /** A line was found and ridden again, and room is left even if the measurements are out by as much as they may be. */
    FITS,
    /** Room or lack of it is smaller than what the measurements may be out by: measure better. */
    TOO_CLOSE_TO_CALL,
    /** The search did not settle on a line: neither yes nor no. */
    NOT_SOLVED,
    /** The line with the most room lacks some, even if the measurements are out by as much as they may be. */
    DOES_NOT_FIT;

    /** What is said of both sides together. */
    public FitAnswer worse(FitAnswer other) {
        return compareTo(other) >= 0 ? this : other;
    }
}

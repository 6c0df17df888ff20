package wrenlane.verdict;

/** Whether a machine and rider can ride a course. */
public enum FitAnswer {
    /** A line was found and ridden again, and room is left even if the measurements are out by as much as they may be. */
    FITS,
    /** Room or lack of it is smaller than what the measurements may be out by: measure better. */
    TOO_CLOSE_TO_CALL,
    /** The line with the most room lacks some, even if the measurements are out by as much as they may be. */
    DOES_NOT_FIT,
    /** The search did not settle on a line: neither yes nor no. */
    NOT_SOLVED
}

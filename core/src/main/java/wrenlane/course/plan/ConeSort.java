package wrenlane.course.plan;

/** How a marker is ridden by. */
public enum ConeSort {
    /** To be kept off, by all of the machine. */
    TALL,
    /** Low: a body may lean over it, and nobody falls who rides over it. */
    FLAT
}

package wrenlane.verdict;

/**
 * Clearance or width left over.
 *
 * @param metres negative where it lacks
 * @param uncertaintyMetres one standard deviation
 */
public record Clearance(double metres, double uncertaintyMetres) {}

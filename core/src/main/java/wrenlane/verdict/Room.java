package wrenlane.verdict;

/**
 * Clearance or width left over.
 *
 * @param metres negative where it lacks
 * @param uncertaintyMetres one standard deviation
 */
public record Room(double metres, double uncertaintyMetres) {}

package wrenlane.run;

/** A drill under the name it had when a run was logged. */
public record NamedDrill(String id, String name) {}

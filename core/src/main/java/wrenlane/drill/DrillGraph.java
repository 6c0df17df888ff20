package wrenlane.drill;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.jgrapht.Graph;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jgrapht.graph.DefaultDirectedGraph;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.traverse.BreadthFirstIterator;

/**
 * Which drill rests on which under one way of teaching: an edge leads from a drill to each it rests on.
 *
 * <p>Where the way of teaching puts a drill later, by adding what it rests on, others that rested on it do so no longer,
 * unless they rest on what was added as well: a rear brake that is taught after the U-turn holds up no walking pace.
 */
final class DrillGraph {
    private final Map<String, List<String>> after = new LinkedHashMap<>();

    private DrillGraph() {}

    static DrillGraph of(Collection<Drill> drills, Teaching teaching) {
        Graph<String, DefaultEdge> plain = graph(drills);
        Map<String, Set<String>> later = new LinkedHashMap<>();
        for (Drill drill : drills) {
            Set<String> added = new LinkedHashSet<>();
            drill.adaptations().of(teaching).forEach(a -> added.addAll(a.prerequisites()));
            if (!added.isEmpty()) {
                later.put(drill.id(), added);
            }
        }
        DrillGraph made = new DrillGraph();
        for (Drill drill : drills) {
            Set<String> direct = new LinkedHashSet<>(drill.prerequisites());
            direct.removeIf(before -> later.containsKey(before)
                    && !reached(plain, drill.id()).containsAll(later.getOrDefault(before, Set.of())));
            direct.addAll(later.getOrDefault(drill.id(), Set.of()));
            made.after.put(drill.id(), List.copyOf(direct));
        }
        return made;
    }

    private static Graph<String, DefaultEdge> graph(Collection<Drill> drills) {
        Graph<String, DefaultEdge> graph = new DefaultDirectedGraph<>(DefaultEdge.class);
        drills.forEach(d -> graph.addVertex(d.id()));
        drills.forEach(d -> d.prerequisites().stream()
                .filter(graph::containsVertex)
                .forEach(before -> graph.addEdge(d.id(), before)));
        return graph;
    }

    private static Set<String> reached(Graph<String, DefaultEdge> graph, String from) {
        Set<String> reached = new LinkedHashSet<>();
        new BreadthFirstIterator<>(graph, from).forEachRemaining(reached::add);
        reached.remove(from);
        return reached;
    }

    /** Drills that rest on themselves in the end. */
    Set<String> inCircles() {
        Graph<String, DefaultEdge> graph = new DefaultDirectedGraph<>(DefaultEdge.class);
        after.keySet().forEach(graph::addVertex);
        after.forEach((id, before) ->
                before.stream().filter(graph::containsVertex).forEach(other -> graph.addEdge(id, other)));
        return new CycleDetector<>(graph).findCycles();
    }

    /** What a drill rests on directly; what is not taught is left out, and what it rests on itself stands in for it. */
    List<String> before(String id, Predicate<String> taught) {
        Set<String> found = new LinkedHashSet<>();
        gather(id, taught, found, new LinkedHashSet<>());
        return List.copyOf(found);
    }

    private void gather(String id, Predicate<String> taught, Set<String> found, Set<String> seen) {
        for (String before : Optional.ofNullable(after.get(id)).orElse(List.of())) {
            if (taught.test(before)) {
                found.add(before);
            } else if (seen.add(before)) {
                gather(before, taught, found, seen);
            }
        }
    }
}

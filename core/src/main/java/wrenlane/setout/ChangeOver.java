package wrenlane.setout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import org.jgrapht.alg.interfaces.MatchingAlgorithm.Matching;
import org.jgrapht.alg.matching.KuhnMunkresMinimalWeightBipartitePerfectMatching;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;
import wrenlane.course.ConeSort;
import wrenlane.course.Point;
import wrenlane.setout.WalkingOrder.Errand;

/**
 * How the cones of one course become those of another that is set out from the same datum and baseline, with the least
 * carrying.
 *
 * <p>Cones of one sort are alike, so which goes where is an assignment: every cone of the first course to a place of the
 * second or to the stack, every place of the second from a cone or from the stack, the sum of metres carried the least
 * there is. Solved exactly by the method of Kuhn and Munkres (JGraphT).
 *
 * @param steps in the order they are walked; cones that stay come first
 * @param carriedMetres summed over the steps
 * @param walkedMetres from the stack through all steps
 * @param minutes an estimate
 */
public record ChangeOver(List<ConeMove> steps, double carriedMetres, double walkedMetres, double minutes) {
    /** A cone nearer to its new mark than this stays, in metres: what a tape can tell. */
    public static final double SAME_PLACE_METRES = 0.01;

    /** What is done with a cone. */
    public enum Doing {
        STAYS,
        MOVES,
        COMES,
        GOES
    }

    /**
     * One cone.
     *
     * @param fromLabel its label in the first course; empty where it comes from the stack
     * @param toLabel its label in the second course; empty where it goes to the stack
     * @param from along and across from the datum, in metres
     * @param to the same
     */
    public record ConeMove(Doing doing, ConeSort sort, String fromLabel, String toLabel, Point from, Point to) {
        double carriedMetres() {
            return doing == Doing.STAYS ? 0 : from.distanceTo(to);
        }

        /** Cones to and from the stack are carried along in the arms, so only their own place is walked to. */
        Errand errand() {
            return switch (doing) {
                case COMES -> Errand.at(to);
                case GOES -> Errand.at(from);
                case STAYS, MOVES -> new Errand(from, to);
            };
        }
    }

    public ChangeOver {
        steps = List.copyOf(steps);
    }

    /**
     * The change from one sheet to another.
     *
     * @param stack where spare cones stand, along and across from the datum
     */
    public static ChangeOver between(SetOutSheet first, SetOutSheet second, Point stack) {
        List<ConeMove> stay = new ArrayList<>();
        List<ConeMove> rest = new ArrayList<>();
        for (ConeSort sort : ConeSort.values()) {
            for (ConeMove step : assigned(of(first, sort), of(second, sort), sort, stack)) {
                (step.doing == Doing.STAYS ? stay : rest).add(step);
            }
        }
        WalkingOrder order =
                WalkingOrder.from(stack, rest.stream().map(ConeMove::errand).toList());
        List<ConeMove> steps = new ArrayList<>(stay);
        order.order().forEach(i -> steps.add(rest.get(i)));
        double carried = rest.stream().mapToDouble(ConeMove::carriedMetres).sum();
        return new ChangeOver(steps, carried, order.walkedMetres(), order.minutes());
    }

    private static Map<String, Point> of(SetOutSheet sheet, ConeSort sort) {
        Map<String, Point> places = new LinkedHashMap<>();
        sheet.steps().stream()
                .filter(s -> s.cone().sort() == sort)
                .forEach(s -> places.put(s.cone().label(), s.place()));
        return places;
    }

    /** One end of a cone's way: a cone of the first course, a place of the second, or a share of the stack on a side. */
    private record End(boolean second, String label, Point place) {
        boolean stack() {
            return label.isEmpty();
        }
    }

    /** An end on the stack's side, told apart by a number so that the graph holds as many as are wanted. */
    private record Node(End end, int number) {}

    private static List<ConeMove> assigned(
            Map<String, Point> first, Map<String, Point> second, ConeSort sort, Point stack) {
        List<Node> from = nodes(first, second.size(), false, stack);
        List<Node> to = nodes(second, first.size(), true, stack);
        if (from.isEmpty()) {
            return List.of();
        }
        SimpleWeightedGraph<Node, DefaultWeightedEdge> graph = new SimpleWeightedGraph<>(DefaultWeightedEdge.class);
        from.forEach(graph::addVertex);
        to.forEach(graph::addVertex);
        for (Node a : from) {
            for (Node b : to) {
                graph.setEdgeWeight(graph.addEdge(a, b), a.end.place.distanceTo(b.end.place));
            }
        }
        Matching<Node, DefaultWeightedEdge> matching = new KuhnMunkresMinimalWeightBipartitePerfectMatching<>(
                        graph, new LinkedHashSet<>(from), new LinkedHashSet<>(to))
                .getMatching();
        List<ConeMove> steps = new ArrayList<>();
        for (DefaultWeightedEdge edge : matching) {
            Node a = graph.getEdgeSource(edge);
            Node b = graph.getEdgeTarget(edge);
            End source = a.end.second ? b.end : a.end;
            End target = a.end.second ? a.end : b.end;
            if (!source.stack() || !target.stack()) {
                steps.add(new ConeMove(
                        doing(source, target), sort, source.label, target.label, source.place, target.place));
            }
        }
        return steps;
    }

    private static Doing doing(End from, End to) {
        if (from.stack()) {
            return Doing.COMES;
        }
        if (to.stack()) {
            return Doing.GOES;
        }
        return from.place.distanceTo(to.place) < SAME_PLACE_METRES ? Doing.STAYS : Doing.MOVES;
    }

    private static List<Node> nodes(Map<String, Point> places, int spare, boolean second, Point stack) {
        List<Node> nodes = new ArrayList<>();
        places.forEach((label, place) -> nodes.add(new Node(new End(second, label, place), nodes.size())));
        for (int i = 0; i < spare; i++) {
            nodes.add(new Node(new End(second, "", stack), nodes.size()));
        }
        return nodes;
    }
}

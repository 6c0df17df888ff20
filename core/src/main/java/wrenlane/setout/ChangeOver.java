package wrenlane.setout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jgrapht.alg.matching.KuhnMunkresMinimalWeightBipartitePerfectMatching;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;
import wrenlane.budget.Budget;
import wrenlane.course.plan.ConeSort;
import wrenlane.plane.Point;
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
     * @param carriedMetres from the one to the other; zero where it stays
     */
    public record ConeMove(
            Doing doing, ConeSort sort, String fromLabel, String toLabel, Point from, Point to, double carriedMetres) {
        ConeMove(Doing doing, ConeSort sort, String fromLabel, String toLabel, Point from, Point to) {
            this(doing, sort, fromLabel, toLabel, from, to, doing == Doing.STAYS ? 0 : from.distanceTo(to));
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
        Budget.spend(1);
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

    /**
     * One end of a cone's way: a cone of the first course, a place of the second, or one of the stack's.
     *
     * @param number tells the stack's apart, so that the graph holds as many as are wanted
     * @param label empty for the stack's
     */
    private record End(boolean second, int number, String label, Point place) {
        boolean stack() {
            return label.isEmpty();
        }
    }

    private static List<ConeMove> assigned(
            Map<String, Point> first, Map<String, Point> second, ConeSort sort, Point stack) {
        Set<End> from = ends(first, second.size(), false, stack);
        Set<End> to = ends(second, first.size(), true, stack);
        if (from.isEmpty()) {
            return List.of();
        }
        SimpleWeightedGraph<End, DefaultWeightedEdge> graph = new SimpleWeightedGraph<>(DefaultWeightedEdge.class);
        from.forEach(graph::addVertex);
        to.forEach(graph::addVertex);
        for (End a : from) {
            for (End b : to) {
                graph.setEdgeWeight(graph.addEdge(a, b), a.place.distanceTo(b.place));
            }
        }
        Set<DefaultWeightedEdge> matched = new KuhnMunkresMinimalWeightBipartitePerfectMatching<>(graph, from, to)
                .getMatching()
                .getEdges();
        List<ConeMove> steps = new ArrayList<>();
        // Told in the order of the first course, since the matched edges come in any order.
        for (End a : from) {
            for (DefaultWeightedEdge edge : graph.edgesOf(a)) {
                End b = graph.getEdgeTarget(edge);
                if (matched.contains(edge) && !(a.stack() && b.stack())) {
                    steps.add(new ConeMove(doing(a, b), sort, a.label, b.label, a.place, b.place));
                }
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

    private static Set<End> ends(Map<String, Point> places, int spare, boolean second, Point stack) {
        Set<End> ends = new LinkedHashSet<>();
        places.forEach((label, place) -> ends.add(new End(second, ends.size(), label, place)));
        for (int i = 0; i < spare; i++) {
            ends.add(new End(second, ends.size(), "", stack));
        }
        return ends;
    }
}

package wrenlane.setup;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.jgrapht.Graph;
import org.jgrapht.alg.interfaces.HamiltonianCycleAlgorithm;
import org.jgrapht.alg.tour.HeldKarpTSP;
import org.jgrapht.alg.tour.TwoOptHeuristicTSP;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;
import wrenlane.plane.Point;

/**
 * An order in which a list of places is walked, starting from one place and ending anywhere, with little walking.
 *
 * <p>A walk with an open end is a round trip through one more vertex that is as near to every place as can be, and right
 * beside the start. Up to {@link #EXACT} places the round trip is the shortest there is, by dynamic programming over subsets
 * (Held and Karp, 1962). Above, it is the best of {@value #STARTS} random ones, each improved until turning no stretch round
 * shortens it; or the order given, where that is shorter.
 *
 * @param order numbers of the places, in the order they are walked
 * @param walkedMetres from the start to the last place
 * @param minutes an estimate of the time it takes to lay a cone by tape at each
 */
public record WalkingOrder(List<Integer> order, double walkedMetres, double minutes) {
    /** Most places for which every order is weighed up. */
    static final int EXACT = 11;

    /** Random orders that are improved; more shorten a walk past thirty cones by less than 1 %. */
    private static final int STARTS = 10;

    /** Any number: the same places are always walked in the same order. */
    private static final long SEED = 1;

    private static final int START = -1;
    private static final int END = -2;

    public WalkingOrder {
        order = List.copyOf(order);
    }

    /** Looks for an order of places from a start. */
    public static WalkingOrder from(Point start, List<Point> places) {
        List<Integer> given = IntStream.range(0, places.size()).boxed().toList();
        List<Integer> found = places.size() < 2 ? given : found(start, places);
        List<Integer> order = between(start, places, given) < between(start, places, found) ? given : found;
        double walked = between(start, places, order);
        return new WalkingOrder(order, walked, HandTime.minutes(walked, order.size(), 0));
    }

    /** An estimate of the time it takes to pick up what stands at each place, in minutes. */
    public double pickingMinutes() {
        return HandTime.minutes(walkedMetres, 0, order.size());
    }

    /** Metres walked between places in an order. */
    private static double between(Point start, List<Point> places, List<Integer> order) {
        double sum = 0;
        Point at = start;
        for (int i : order) {
            sum += at.distanceTo(places.get(i));
            at = places.get(i);
        }
        return sum;
    }

    private static List<Integer> found(Point start, List<Point> places) {
        HamiltonianCycleAlgorithm<Integer, DefaultWeightedEdge> search =
                places.size() <= EXACT ? new HeldKarpTSP<>() : new TwoOptHeuristicTSP<>(STARTS, new Random(SEED));
        List<Integer> roundTrip = search.getTour(graph(start, places)).getVertexList();
        return opened(roundTrip.subList(0, roundTrip.size() - 1));
    }

    /** Each place joined with each other, with the start, and at no distance with the end. */
    private static Graph<Integer, DefaultWeightedEdge> graph(Point start, List<Point> places) {
        Graph<Integer, DefaultWeightedEdge> graph = new SimpleWeightedGraph<>(DefaultWeightedEdge.class);
        graph.addVertex(START);
        graph.addVertex(END);
        double longer = 1;
        for (int i = 0; i < places.size(); i++) {
            graph.addVertex(i);
            double fromStart = start.distanceTo(places.get(i));
            join(graph, START, i, fromStart);
            join(graph, END, i, 0);
            longer += fromStart;
            for (int j = 0; j < i; j++) {
                join(graph, i, j, places.get(i).distanceTo(places.get(j)));
            }
        }
        // No round trip gains by parting them: a detour from any place to the start and back is at most twice as long.
        join(graph, START, END, -2 * longer);
        return graph;
    }

    private static void join(Graph<Integer, DefaultWeightedEdge> graph, int one, int other, double metres) {
        graph.setEdgeWeight(graph.addEdge(one, other), metres);
    }

    /** A round trip from the start on, without the end beside it. */
    private static List<Integer> opened(List<Integer> roundTrip) {
        int n = roundTrip.size();
        int at = roundTrip.indexOf(START);
        boolean endIsNext = roundTrip.get((at + 1) % n) == END;
        return IntStream.range(1, n)
                .mapToObj(i -> roundTrip.get(Math.floorMod(endIsNext ? at - i : at + i, n)))
                .filter(vertex -> vertex != END)
                .toList();
    }
}

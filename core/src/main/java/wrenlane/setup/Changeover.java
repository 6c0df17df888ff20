package wrenlane.setup;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import wrenlane.budget.Budget;
import wrenlane.course.plan.Marker;
import wrenlane.course.plan.MarkerCount;
import wrenlane.plane.Point;
import wrenlane.setup.StackWalk.Hands;
import wrenlane.setup.StackWalk.Stop;

/**
 * How the cones of one course become those of another that is set out from the same datum and baseline: one walk with a
 * stack of cones in hand, the shortest that is found ({@link StackWalk}).
 *
 * <p>Markers of one name are alike: one that is picked up may come to stand on any mark of its own. One that stands on a mark
 * of the second course already stays.
 *
 * @param steps cones that stay first, then in the order they are walked
 * @param walkedMetres from the stack through all steps
 * @param minutes an estimate
 */
public record Changeover(List<Step> steps, double walkedMetres, double minutes) {
    /** A cone nearer to its new mark than this stays, in metres: what a tape can tell. */
    public static final double SAME_PLACE_METRES = 0.01;

    /** What most people carry without dropping any; chosen by us, and asked for where it matters. */
    public static final int USUAL_STACK = 12;

    /** Most that can be asked for. */
    public static final int LARGEST_STACK = 60;

    /** What is done at a stop. */
    public enum StopAction {
        STAYS,
        PICK_UP,
        LAY_DOWN,
        /** Cones are taken from the stack or put back on it. */
        AT_STACK
    }

    /**
     * One stop of the walk, or a cone that stays.
     *
     * @param marker what stands there; empty at the stack
     * @param fromLabel its label in the first course; empty where one is laid down, and at the stack
     * @param toLabel its label in the second course; empty where one is picked up, and at the stack
     * @param place along and across from the datum, in metres
     * @param change what comes into the hand here, or leaves it where less than nothing
     * @param inHand after that
     */
    public record Step(
            StopAction doing,
            Optional<Marker> marker,
            String fromLabel,
            String toLabel,
            Point place,
            List<MarkerCount> change,
            List<MarkerCount> inHand) {
        public Step {
            change = List.copyOf(change);
            inHand = List.copyOf(inHand);
        }
    }

    public Changeover {
        steps = List.copyOf(steps);
    }

    /** The change with as many in hand as is usual. */
    public static Changeover between(SetupSheet first, SetupSheet second, Point stack) {
        return between(first, second, stack, USUAL_STACK);
    }

    /**
     * The change from one sheet to another.
     *
     * @param stack where spare cones stand, along and across from the datum
     * @param holds most cones in hand, from 1 to {@link #LARGEST_STACK}
     */
    public static Changeover between(SetupSheet first, SetupSheet second, Point stack, int holds) {
        Budget.spend(1);
        List<Step> steps = new ArrayList<>();
        List<Stop> stops = new ArrayList<>();
        List<String> labels = new ArrayList<>();
        List<Marker> markers = Stream.of(first, second)
                .flatMap(sheet -> sheet.steps().stream())
                .map(s -> s.cone().marker())
                .distinct()
                .toList();
        for (int m = 0; m < markers.size(); m++) {
            Marker marker = markers.get(m);
            int number = m;
            Map<String, Point> marks = of(second, marker);
            of(first, marker).forEach((label, place) -> {
                Optional<String> same = marks.entrySet().stream()
                        .filter(mark -> mark.getValue().distanceTo(place) < SAME_PLACE_METRES)
                        .map(Map.Entry::getKey)
                        .findFirst();
                if (same.isPresent()) {
                    marks.remove(same.get());
                    steps.add(new Step(
                            StopAction.STAYS, Optional.of(marker), label, same.get(), place, List.of(), List.of()));
                } else {
                    stops.add(new Stop(place, number, true));
                    labels.add(label);
                }
            });
            marks.forEach((label, place) -> {
                stops.add(new Stop(place, number, false));
                labels.add(label);
            });
        }
        StackWalk walk = StackWalk.of(stack, stops, holds);
        List<Step> walked = new WalkWriter(stops, labels, markers, stack, holds).steps(walk.visits());
        steps.addAll(walked);
        long laid = walked.stream().filter(s -> s.doing == StopAction.LAY_DOWN).count();
        return new Changeover(steps, walk.metres(), HandTime.minutes(walk.metres(), laid, walked.size() - laid));
    }

    /** Cones that are moved, brought or taken away. */
    public long conesTouched() {
        return Math.max(count(StopAction.PICK_UP), count(StopAction.LAY_DOWN));
    }

    /** Cones that stay where they are. */
    public long conesThatStay() {
        return count(StopAction.STAYS);
    }

    private long count(StopAction doing) {
        return steps.stream().filter(s -> s.doing == doing).count();
    }

    private static Map<String, Point> of(SetupSheet sheet, Marker marker) {
        Map<String, Point> places = new LinkedHashMap<>();
        sheet.steps().stream()
                .filter(s -> s.cone().marker().equals(marker))
                .forEach(s -> places.put(s.cone().label(), s.place()));
        return places;
    }

    /** Says a walk stop by stop, with what is taken at the stack each time: as few as the way to the next visit needs. */
    private record WalkWriter(List<Stop> stops, List<String> labels, List<Marker> markers, Point stack, int holds) {
        List<Step> steps(List<Integer> visits) {
            List<Step> steps = new ArrayList<>();
            int[] inHand = new int[markers.size()];
            for (int from = 0; from <= visits.size(); ) {
                int to = from;
                while (to < visits.size() && visits.get(to) != StackWalk.STACK) {
                    to++;
                }
                List<Integer> stretch = visits.subList(from, to);
                Hands hands = Hands.through(stretch.stream().map(stops::get).toList(), markers.size(), holds);
                int[] taken = new int[markers.size()];
                for (int m = 0; m < taken.length; m++) {
                    taken[m] = hands.taken(m) - inHand[m];
                    inHand[m] += taken[m];
                }
                List<MarkerCount> change = counts(taken);
                if (!change.isEmpty()) {
                    steps.add(new Step(StopAction.AT_STACK, Optional.empty(), "", "", stack, change, counts(inHand)));
                }
                for (int i : stretch) {
                    steps.add(step(i, inHand));
                }
                from = to + 1;
            }
            return steps;
        }

        private Step step(int i, int[] inHand) {
            Stop stop = stops.get(i);
            Marker marker = markers.get(stop.marker());
            inHand[stop.marker()] += stop.change();
            return new Step(
                    stop.pickUp() ? StopAction.PICK_UP : StopAction.LAY_DOWN,
                    Optional.of(marker),
                    stop.pickUp() ? labels.get(i) : "",
                    stop.pickUp() ? "" : labels.get(i),
                    stop.place(),
                    List.of(new MarkerCount(marker, stop.change())),
                    counts(inHand));
        }

        private List<MarkerCount> counts(int[] of) {
            List<MarkerCount> counts = new ArrayList<>();
            for (int m = 0; m < of.length; m++) {
                if (of[m] != 0) {
                    counts.add(new MarkerCount(markers.get(m), of[m]));
                }
            }
            return counts;
        }
    }
}

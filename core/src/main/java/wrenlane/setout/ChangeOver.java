package wrenlane.setout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wrenlane.budget.Budget;
import wrenlane.course.plan.ConeSort;
import wrenlane.plane.Point;
import wrenlane.setout.StackWalk.Hands;
import wrenlane.setout.StackWalk.Stop;

/**
 * How the cones of one course become those of another that is set out from the same datum and baseline: one walk with a
 * stack of cones in hand, the shortest that is found ({@link StackWalk}).
 *
 * <p>Cones of one sort are alike: one that is picked up may come to stand on any mark of its sort. One that stands on a mark
 * of the second course already stays.
 *
 * @param steps cones that stay first, then in the order they are walked
 * @param walkedMetres from the stack through all steps
 * @param minutes an estimate
 */
public record ChangeOver(List<Step> steps, double walkedMetres, double minutes) {
    /** A cone nearer to its new mark than this stays, in metres: what a tape can tell. */
    public static final double SAME_PLACE_METRES = 0.01;

    /** What most people carry without dropping any; chosen by us, and asked for where it matters. */
    public static final int USUAL_STACK = 12;

    /** Most that can be asked for. */
    public static final int LARGEST_STACK = 60;

    /** To bend for a cone, or to take from the stack and put back, in seconds; an estimate of ours. */
    private static final double TAKING_SECONDS = 3;

    /** What is done at a stop. */
    public enum Doing {
        STAYS,
        PICK_UP,
        LAY_DOWN,
        /** Cones are taken from the stack or put back on it. */
        AT_STACK
    }

    /** Cones by their sort. */
    public record Cones(int tall, int flat) {
        static final Cones NONE = new Cones(0, 0);

        Cones plus(Cones more) {
            return new Cones(tall + more.tall, flat + more.flat);
        }
    }

    /**
     * One stop of the walk, or a cone that stays.
     *
     * @param sort of the cone; empty at the stack
     * @param fromLabel its label in the first course; empty where one is laid down, and at the stack
     * @param toLabel its label in the second course; empty where one is picked up, and at the stack
     * @param place along and across from the datum, in metres
     * @param change what comes into the hand here, or leaves it where less than nothing
     * @param inHand after that
     */
    public record Step(
            Doing doing,
            Optional<ConeSort> sort,
            String fromLabel,
            String toLabel,
            Point place,
            Cones change,
            Cones inHand) {}

    public ChangeOver {
        steps = List.copyOf(steps);
    }

    /** The change with as many in hand as is usual. */
    public static ChangeOver between(SetOutSheet first, SetOutSheet second, Point stack) {
        return between(first, second, stack, USUAL_STACK);
    }

    /**
     * The change from one sheet to another.
     *
     * @param stack where spare cones stand, along and across from the datum
     * @param holds most cones in hand, from 1 to {@link #LARGEST_STACK}
     */
    public static ChangeOver between(SetOutSheet first, SetOutSheet second, Point stack, int holds) {
        Budget.spend(1);
        List<Step> steps = new ArrayList<>();
        List<Stop> stops = new ArrayList<>();
        List<String> labels = new ArrayList<>();
        for (ConeSort sort : ConeSort.values()) {
            Map<String, Point> marks = of(second, sort);
            of(first, sort).forEach((label, place) -> {
                Optional<String> same = marks.entrySet().stream()
                        .filter(mark -> mark.getValue().distanceTo(place) < SAME_PLACE_METRES)
                        .map(Map.Entry::getKey)
                        .findFirst();
                if (same.isPresent()) {
                    marks.remove(same.get());
                    steps.add(
                            new Step(Doing.STAYS, Optional.of(sort), label, same.get(), place, Cones.NONE, Cones.NONE));
                } else {
                    stops.add(new Stop(place, sort, true));
                    labels.add(label);
                }
            });
            marks.forEach((label, place) -> {
                stops.add(new Stop(place, sort, false));
                labels.add(label);
            });
        }
        StackWalk walk = StackWalk.of(stack, stops, holds);
        List<Step> walked = walked(walk.visits(), stops, labels, stack, holds);
        steps.addAll(walked);
        double seconds = walk.metres() / WalkingOrder.WALK_METRES_PER_SECOND
                + walked.stream()
                        .mapToDouble(s -> s.doing == Doing.LAY_DOWN ? WalkingOrder.HANDLING_SECONDS : TAKING_SECONDS)
                        .sum();
        return new ChangeOver(steps, walk.metres(), seconds / 60);
    }

    /** Cones that are moved, brought or taken away. */
    public long conesTouched() {
        return Math.max(count(Doing.PICK_UP), count(Doing.LAY_DOWN));
    }

    /** Cones that stay where they are. */
    public long conesThatStay() {
        return count(Doing.STAYS);
    }

    private long count(Doing doing) {
        return steps.stream().filter(s -> s.doing == doing).count();
    }

    private static Map<String, Point> of(SetOutSheet sheet, ConeSort sort) {
        Map<String, Point> places = new LinkedHashMap<>();
        sheet.steps().stream()
                .filter(s -> s.cone().sort() == sort)
                .forEach(s -> places.put(s.cone().label(), s.place()));
        return places;
    }

    /** The walk stop by stop, with what is taken at the stack each time: as few as the way to the next visit needs. */
    private static List<Step> walked(
            List<Integer> visits, List<Stop> stops, List<String> labels, Point stack, int holds) {
        List<Step> steps = new ArrayList<>();
        Cones inHand = Cones.NONE;
        for (int from = 0; from <= visits.size(); ) {
            int to = from;
            while (to < visits.size() && visits.get(to) != StackWalk.STACK) {
                to++;
            }
            List<Integer> stretch = visits.subList(from, to);
            Hands hands = Hands.through(stretch.stream().map(stops::get).toList(), holds);
            Cones taken = new Cones(hands.tall() - inHand.tall(), hands.flat() - inHand.flat());
            inHand = inHand.plus(taken);
            if (!taken.equals(Cones.NONE)) {
                steps.add(new Step(Doing.AT_STACK, Optional.empty(), "", "", stack, taken, inHand));
            }
            for (int i : stretch) {
                Stop stop = stops.get(i);
                Cones change = stop.sort() == ConeSort.TALL ? new Cones(stop.change(), 0) : new Cones(0, stop.change());
                inHand = inHand.plus(change);
                steps.add(new Step(
                        stop.pickUp() ? Doing.PICK_UP : Doing.LAY_DOWN,
                        Optional.of(stop.sort()),
                        stop.pickUp() ? labels.get(i) : "",
                        stop.pickUp() ? "" : labels.get(i),
                        stop.place(),
                        change,
                        inHand));
            }
            from = to + 1;
        }
        return steps;
    }
}

package wrenlane.coaching;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wrenlane.course.NestedCourse;
import wrenlane.verdict.SizeLadder;

/**
 * At which settings a course stands for a group, and who rides which: a group shares one ground.
 *
 * <p>A setting serves a rider where it lies in their {@link Range}. The choice serves the most riders; among those, the sum
 * of metres that each rides from the setting they would begin at is the least, each further setting counting as {@link
 * #FURTHER_METRES} more; then the wider settings. Every set of settings is weighed up, so it is exact.
 *
 * @param settingsMetres the widest first
 * @param riders in the order asked for
 */
public record SizeChoice(List<Double> settingsMetres, List<RiderSize> riders) {
    /** What laying one setting more has to save in metres off, over all riders; chosen by us: a size for one rider. */
    public static final double FURTHER_METRES = 0.3;

    private static final double MILLIMETRES = 1000;

    /**
     * What suits a rider on their machine.
     *
     * @param rider id
     * @param beginMetres the setting they would begin at
     * @param widestMetres widest that still teaches them something
     * @param tightestMetres tightest that they are ready for
     */
    public record Range(String rider, double beginMetres, double widestMetres, double tightestMetres) {
        public Range {
            if (!(tightestMetres <= beginMetres && beginMetres <= widestMetres && tightestMetres > 0)) {
                throw new IllegalArgumentException("range is " + tightestMetres + " to " + widestMetres
                        + " m, begun at " + beginMetres + " m; the beginning lies within it");
            }
        }

        /**
         * From one size wider than the beginning to as many tighter as a session begins below the best. A course ridden
         * straight on has no widths to work through: any it can have suits.
         *
         * @param begin one of the ladder's
         * @param easier steps below the best that a session begins at
         */
        public static Range of(String rider, SizeLadder ladder, SizeLadder.SizeStep begin, int easier) {
            List<SizeLadder.SizeStep> sizes = ladder.sizes();
            if (begin.difficulty().isEmpty()) {
                double tightest = sizes.get(sizes.size() - 1).settingMetres();
                return new Range(rider, begin.settingMetres(), Double.MAX_VALUE, tightest);
            }
            int at = sizes.indexOf(begin);
            if (at < 0) {
                throw new IllegalArgumentException("the size to begin at is none of the ladder's: " + begin);
            }
            return new Range(
                    rider,
                    begin.settingMetres(),
                    sizes.get(Math.max(0, at - 1)).settingMetres(),
                    sizes.get(Math.min(sizes.size() - 1, at + easier)).settingMetres());
        }

        private boolean has(double metres) {
            return metres >= tightestMetres - SAME && metres <= widestMetres + SAME;
        }

        private static final double SAME = 1e-4;
    }

    /**
     * A rider on what stands.
     *
     * @param rider id
     * @param settingMetres what they ride; missing where nothing that stands suits them
     * @param offMetres of what they ride, from the setting they would begin at; else of the nearest that stands, from their
     *     range; above zero where it is too wide
     */
    public record RiderSize(String rider, Optional<Double> settingMetres, double offMetres) {}

    public SizeChoice {
        settingsMetres = List.copyOf(settingsMetres);
        riders = List.copyOf(riders);
    }

    /** Who rides what of some settings that stand. */
    public static SizeChoice at(List<Range> riders, List<Double> settingsMetres) {
        List<Double> widestFirst =
                settingsMetres.stream().sorted(Comparator.reverseOrder()).toList();
        return new SizeChoice(
                widestFirst, riders.stream().map(r -> served(r, widestFirst)).toList());
    }

    private static RiderSize served(Range rider, List<Double> widestFirst) {
        return nearest(rider, widestFirst)
                .map(s -> new RiderSize(rider.rider(), Optional.of(s), s - rider.beginMetres()))
                .orElseGet(() -> new RiderSize(
                        rider.rider(),
                        Optional.empty(),
                        widestFirst.stream()
                                .map(s -> s > rider.widestMetres()
                                        ? s - rider.widestMetres()
                                        : s - rider.tightestMetres())
                                .min(Comparator.comparingDouble(Math::abs))
                                .orElse(0.0)));
    }

    /** The one in range nearest to the beginning; the wider of two as near. */
    private static Optional<Double> nearest(Range rider, List<Double> widestFirst) {
        return widestFirst.stream()
                .filter(rider::has)
                .min(Comparator.comparingLong(s -> Math.round(Math.abs(s - rider.beginMetres()) * MILLIMETRES)));
    }

    /**
     * The settings that serve most.
     *
     * @param candidatesMetres lengths people lay out, that the course allows
     * @param most settings at once, 1 to {@link NestedCourse#MOST}
     * @return empty where there are no riders, or no candidates
     */
    public static Optional<SizeChoice> best(List<Range> riders, List<Double> candidatesMetres, int most) {
        if (most < 1 || most > NestedCourse.MOST) {
            throw new IllegalArgumentException("most is " + most + "; it lies between 1 and " + NestedCourse.MOST);
        }
        List<Double> of = candidatesMetres.stream()
                .filter(m -> riders.stream().anyMatch(r -> r.has(m)))
                .distinct()
                .sorted(Comparator.reverseOrder())
                .toList();
        Search search = new Search(riders, of, most);
        search.extend(List.of(), 0);
        return search.best.map(s -> at(riders, s));
    }

    /** All sets of settings that can be told apart. */
    private static final class Search {
        private final List<Range> riders;
        private final List<Double> candidates;
        private final int most;
        private Optional<List<Double>> best = Optional.empty();
        private int bestServed = -1;
        private long bestCost;

        Search(List<Range> riders, List<Double> candidates, int most) {
            this.riders = riders;
            this.candidates = candidates;
            this.most = most;
        }

        void extend(List<Double> chosen, int from) {
            if (!chosen.isEmpty()) {
                weigh(chosen);
            }
            if (chosen.size() == most) {
                return;
            }
            for (int i = from; i < candidates.size(); i++) {
                double next = candidates.get(i);
                if (chosen.isEmpty()
                        || chosen.get(chosen.size() - 1) - next >= NestedCourse.APART_METRES - Range.SAME) {
                    List<Double> more = new ArrayList<>(chosen);
                    more.add(next);
                    extend(more, i + 1);
                }
            }
        }

        /** Taken where it is better than any before; the wider of two as good comes first. */
        private void weigh(List<Double> chosen) {
            int served = 0;
            long cost = Math.round((chosen.size() - 1) * FURTHER_METRES * MILLIMETRES);
            for (Range rider : riders) {
                Optional<Double> setting = nearest(rider, chosen);
                if (setting.isPresent()) {
                    served++;
                    cost += Math.round(Math.abs(setting.get() - rider.beginMetres()) * MILLIMETRES);
                }
            }
            if (served > bestServed || (served == bestServed && cost < bestCost)) {
                best = Optional.of(chosen);
                bestServed = served;
                bestCost = cost;
            }
        }
    }
}

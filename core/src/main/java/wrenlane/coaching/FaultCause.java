package wrenlane.coaching;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import wrenlane.machine.Side;
import wrenlane.run.DropCause;
import wrenlane.run.Fault;
import wrenlane.run.Observation;
import wrenlane.run.Run;
import wrenlane.run.Technique;
import wrenlane.verdict.MistakeCost.Mistake;

/**
 * What holds a rider back: a fault and what it was mostly seen with, said with the counts that speak for it, and no more than
 * they bear.
 *
 * <p>Of the runs with a fault those count in which the instructor said how they were ridden. A pair is named where at least
 * {@value #FEWEST} such runs are there, at least {@value #FEWEST_WITH} of them with the same thing seen, at least half; and
 * where it was seen no more often, of the runs without that fault of which something was said, it would say nothing about the
 * fault and is not named. The figures are chosen by us. Where there is too little, nothing is said.
 *
 * @param fault that is seen
 * @param side it is seen to; missing where both are alike
 * @param seen what it was mostly seen with, in words
 * @param with in how many runs
 * @param of out of how many with the fault of which something was said
 * @param cause what it usually comes from; missing where the table has nothing for the pair
 * @param mistake whose cost in room says how much it matters on a course; missing where what was seen is none that is
 *     computed
 */
public record FaultCause(
        Fault fault,
        Optional<Side> side,
        String seen,
        int with,
        int of,
        Optional<Cause> cause,
        Optional<Mistake> mistake) {
    /** Fewest runs with the fault of which something was said. */
    static final int FEWEST = 4;

    /** Fewest of them with the same thing seen. */
    static final int FEWEST_WITH = 3;

    /** Most that is said at once: nobody works on more than two things. */
    static final int MOST = 2;

    /** A side is named where this share of the pair was to it. */
    private static final double ONE_SIDED = 0.75;

    /** Something that may be seen with a fault. */
    private record Trait(String words, Optional<Cause> cause, Optional<Mistake> mistake, Predicate<Observation> seen) {}

    /**
     * What the runs say, what is seen most first; empty where they say too little.
     *
     * @param runs of one rider on one kind, in any order
     * @param causes what faults come from
     */
    public static List<FaultCause> from(List<Run> runs, Causes causes) {
        List<Run> told =
                runs.stream().filter(r -> isTold(r.detail().observed())).toList();
        List<FaultCause> pairs = new ArrayList<>();
        for (Fault fault : Fault.values()) {
            traits(fault, causes).forEach(trait -> pair(told, fault, trait).ifPresent(pairs::add));
        }
        return pairs.stream()
                .sorted(Comparator.comparingInt(FaultCause::with)
                        .reversed()
                        .thenComparing(
                                Comparator.comparingDouble(FaultCause::share).reversed()))
                .limit(MOST)
                .toList();
    }

    private static boolean isTold(Observation observed) {
        return !observed.technique().isEmpty() || observed.beforeDrop().isPresent();
    }

    private double share() {
        return (double) with / of;
    }

    private static List<Trait> traits(Fault fault, Causes causes) {
        List<Trait> traits = new ArrayList<>();
        for (Technique technique : Technique.values()) {
            traits.add(new Trait(
                    technique.label(),
                    causes.of(fault, technique),
                    mistake(technique),
                    o -> o.technique().contains(technique)));
        }
        if (fault == Fault.DROP) {
            for (DropCause before : DropCause.values()) {
                traits.add(new Trait(
                        before.label() + " last",
                        causes.of(before),
                        Optional.empty(),
                        o -> o.beforeDrop().filter(b -> b == before).isPresent()));
            }
        }
        return traits;
    }

    /** What it comes to on the ride line, where that is computed: a late head is a late turn. */
    private static Optional<Mistake> mistake(Technique technique) {
        return switch (technique) {
            case HEAD_LATE, NOT_BACK -> Optional.of(Mistake.TURNED_IN_LATE);
            case OFF_THE_EDGE -> Optional.of(Mistake.ENTERED_A_METRE_OFF);
            case TOO_SLOW -> Optional.of(Mistake.SLOWER);
            case TOO_FAST -> Optional.of(Mistake.FASTER);
            case UPRIGHT -> Optional.of(Mistake.UPRIGHT);
            case LOOKED_DOWN, CLUTCH_IN, BRAKE_HEAVY, BARS_SHORT, SURGING -> Optional.empty();
        };
    }

    private static Optional<FaultCause> pair(List<Run> told, Fault fault, Trait trait) {
        List<Run> faulty = told.stream().filter(r -> r.faults().contains(fault)).toList();
        List<Run> with = faulty.stream()
                .filter(r -> trait.seen().test(r.detail().observed()))
                .toList();
        if (faulty.size() < FEWEST || with.size() < FEWEST_WITH || 2 * with.size() < faulty.size()) {
            return Optional.empty();
        }
        List<Run> others =
                told.stream().filter(r -> !r.faults().contains(fault)).toList();
        long othersWith = others.stream()
                .filter(r -> trait.seen().test(r.detail().observed()))
                .count();
        if (!others.isEmpty() && (double) othersWith / others.size() >= (double) with.size() / faulty.size()) {
            return Optional.empty();
        }
        Optional<Side> side = Arrays.stream(Side.values())
                .filter(s -> to(with, s) >= ONE_SIDED * with.size() && to(faulty, s) >= FEWEST)
                .findFirst();
        return Optional.of(new FaultCause(
                fault,
                side,
                trait.words(),
                side.map(s -> (int) to(with, s)).orElse(with.size()),
                side.map(s -> (int) to(faulty, s)).orElse(faulty.size()),
                trait.cause(),
                trait.mistake()));
    }

    private static long to(List<Run> runs, Side side) {
        return runs.stream()
                .filter(r -> r.side().filter(s -> s == side).isPresent())
                .count();
    }

    /** As one sentence, such as “Line crossed to the right: 7 of 9 with head late.” */
    public String sentence() {
        String what =
                Character.toUpperCase(fault.label().charAt(0)) + fault.label().substring(1);
        String where = side.map(s -> " to the " + s.word()).orElse("");
        return String.format(Locale.ROOT, "%s%s: %d of %d with %s.", what, where, with, of, seen);
    }
}

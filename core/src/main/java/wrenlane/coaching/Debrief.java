package wrenlane.coaching;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import wrenlane.finding.Sentence;
import wrenlane.machine.Side;
import wrenlane.progress.Trend;
import wrenlane.run.Fault;

/**
 * A rider's day in three sentences, to be told, and to be put right by whoever was there.
 *
 * @param better what went well, or better than before
 * @param holdsBack what does not yet
 * @param next what comes next
 */
public record Debrief(Sentence better, Sentence holdsBack, Sentence next) {
    /**
     * What is known of a rider's day on the kind of course they rode most.
     *
     * @param runs that count, both sides together
     * @param clean how many of them were clean
     * @param trends since the day before, by side; a side is missing where nothing can be said
     * @param heldBack by what, the commonest first
     * @param faults of the day, how often each
     * @param bestMetres the tightest setting ridden clean; missing where there is none
     * @param beginMetres the setting to begin next time; missing where none is known
     * @param straight whether the kind is ridden straight on: it has no settings to begin at
     * @param weakSide the side to begin on; missing where both are level
     * @param opinion what the instructor holds to be behind the faults; it goes before what the table says
     */
    public record Facts(
            int runs,
            int clean,
            Map<Side, Trend> trends,
            List<FaultCause> heldBack,
            Map<Fault, Integer> faults,
            Optional<Double> bestMetres,
            Optional<Double> beginMetres,
            boolean straight,
            Optional<Side> weakSide,
            Optional<String> opinion) {
        /** Of somebody who was there and has no run. */
        public static final Facts NOTHING = new Facts(
                0,
                0,
                Map.of(),
                List.of(),
                Map.of(),
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                Optional.empty());
    }

    /** In words; only what the facts bear. */
    public static Debrief of(Facts facts) {
        return new Debrief(better(facts), holdsBack(facts), next(facts));
    }

    private static Sentence better(Facts f) {
        if (f.runs() == 0) {
            return Sentence.plain("No runs were logged.");
        }
        Sentence best = f.bestMetres()
                .map(m -> Sentence.of(", the tightest at %s", Sentence.metres(m)))
                .orElse(Sentence.plain(""));
        boolean left = f.trends().get(Side.LEFT) == Trend.BETTER;
        boolean right = f.trends().get(Side.RIGHT) == Trend.BETTER;
        String since = "";
        if (left || right) {
            String where = left && right ? "on both sides" : left ? "to the left" : "to the right";
            since = "; better " + where + " than the last time";
        } else if (!f.trends().isEmpty()) {
            since = "; about as the last time";
        }
        return Sentence.of("Clean in %d of %d runs%s%s.", f.clean(), f.runs(), best, since);
    }

    private static Sentence holdsBack(Facts f) {
        String drops = Optional.ofNullable(f.faults().get(Fault.DROP))
                .map(n -> n == 1 ? "One drop. " : n + " drops. ")
                .orElse("");
        if (!f.heldBack().isEmpty()) {
            FaultCause held = f.heldBack().get(0);
            return Sentence.plain(drops
                    + held.sentence()
                    + likely(f.opinion().or(() -> held.cause().map(Cause::likely))));
        }
        Optional<Map.Entry<Fault, Integer>> commonest = f.faults().entrySet().stream()
                .filter(e -> e.getKey() != Fault.DROP)
                .max(Map.Entry.<Fault, Integer>comparingByValue()
                        .thenComparing(
                                Map.Entry.<Fault, Integer>comparingByKey().reversed()));
        String rest = commonest
                .map(e -> e.getValue() == 1
                        ? "Seen once: " + e.getKey().label() + "."
                        : "Mostly " + e.getKey().label() + ", " + times(e.getValue()) + ".")
                .orElse(drops.isEmpty() && f.runs() > 0 ? "Nothing went wrong that was logged." : "");
        return Sentence.plain((drops + rest).strip() + likely(f.opinion().filter(o -> f.runs() > 0)));
    }

    private static String likely(Optional<String> what) {
        return what.map(w -> " Likely: " + w.replaceAll("[.\\s]+$", "") + ".").orElse("");
    }

    private static Sentence next(Facts f) {
        String cue = f.heldBack().stream()
                .findFirst()
                .flatMap(FaultCause::cause)
                .map(c -> " Say “" + c.cue() + "”.")
                .orElse("");
        String side = f.weakSide().map(s -> ", " + s.word() + " side first").orElse("");
        if (f.straight()) {
            return Sentence.plain("Next time the same, slower." + cue);
        }
        return f.beginMetres()
                .map(m -> Sentence.of("Begin next time at %s%s.%s", Sentence.metres(m), side, cue))
                .orElseGet(() ->
                        Sentence.plain((f.runs() == 0 ? "" : "Measure the machine to get a size to start at.") + cue));
    }

    private static String times(int n) {
        return n == 2 ? "twice" : n + " times";
    }
}

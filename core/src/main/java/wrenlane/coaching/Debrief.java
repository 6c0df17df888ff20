package wrenlane.coaching;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
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
public record Debrief(String better, String holdsBack, String next) {
    /**
     * What is known of a rider's day on the kind of course they rode most.
     *
     * @param runs that count, both sides together
     * @param clean how many of them were clean
     * @param trends since the day before, by side; a side is missing where nothing can be said
     * @param heldBack by what, the commonest first
     * @param faults of the day, how often each
     * @param best the tightest setting ridden clean, in words; missing where there is none
     * @param begin the setting to begin next time, in words; missing where none is known
     * @param weakSide the side to begin on; missing where both are level
     * @param opinion what the instructor holds to be behind the faults; it goes before what the table says
     */
    public record Facts(
            int runs,
            int clean,
            Map<Side, Trend> trends,
            List<HoldsBack> heldBack,
            Map<Fault, Integer> faults,
            Optional<String> best,
            Optional<String> begin,
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
                Optional.empty(),
                Optional.empty());
    }

    /** In words; only what the facts bear. */
    public static Debrief of(Facts facts) {
        return new Debrief(better(facts), holdsBack(facts), next(facts));
    }

    private static String better(Facts f) {
        if (f.runs() == 0) {
            return "No runs were logged.";
        }
        String counted = said("Clean in %d of %d runs", f.clean(), f.runs());
        String best = f.best().map(b -> said(", the tightest at %s", b)).orElse("");
        boolean left = f.trends().get(Side.LEFT) == Trend.BETTER;
        boolean right = f.trends().get(Side.RIGHT) == Trend.BETTER;
        String since = "";
        if (left || right) {
            since = said(
                    "; better %s than the last time",
                    left && right ? "on both sides" : left ? "to the left" : "to the right");
        } else if (!f.trends().isEmpty()) {
            since = "; about as the last time";
        }
        return counted + best + since + ".";
    }

    private static String holdsBack(Facts f) {
        String drops = Optional.ofNullable(f.faults().get(Fault.DROP))
                .map(n -> n == 1 ? "One drop. " : said("%d drops. ", n))
                .orElse("");
        if (!f.heldBack().isEmpty()) {
            HoldsBack held = f.heldBack().get(0);
            return drops
                    + held.sentence()
                    + likely(f.opinion().or(() -> held.cause().map(Cause::likely)));
        }
        Optional<Map.Entry<Fault, Integer>> commonest = f.faults().entrySet().stream()
                .filter(e -> e.getKey() != Fault.DROP)
                .max(Map.Entry.<Fault, Integer>comparingByValue()
                        .thenComparing(
                                Map.Entry.<Fault, Integer>comparingByKey().reversed()));
        String rest = commonest
                .map(e -> e.getValue() == 1
                        ? said("Seen once: %s.", e.getKey().label())
                        : said("Mostly %s, %s.", e.getKey().label(), times(e.getValue())))
                .orElse(drops.isEmpty() && f.runs() > 0 ? "Nothing went wrong that was logged." : "");
        return (drops + rest).strip() + likely(f.opinion().filter(o -> f.runs() > 0));
    }

    private static String likely(Optional<String> what) {
        return what.map(w -> said(" Likely: %s.", w.replaceAll("[.\\s]+$", ""))).orElse("");
    }

    private static String next(Facts f) {
        String cue = f.heldBack().stream()
                .findFirst()
                .flatMap(HoldsBack::cause)
                .map(c -> said(" Say “%s”.", c.cue()))
                .orElse("");
        String side = f.weakSide()
                .map(s -> s == Side.LEFT ? ", left side first" : ", right side first")
                .orElse("");
        return f.begin()
                        .map(b -> said("Begin next time at %s%s.", b, side))
                        .orElse(f.runs() == 0 ? "" : "Measure the machine, so that a rung to begin on can be said.")
                + cue;
    }

    private static String times(int n) {
        return n == 2 ? "twice" : n + " times";
    }

    private static String said(String format, Object... args) {
        return String.format(Locale.ROOT, format, args);
    }
}

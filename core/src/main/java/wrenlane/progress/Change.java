package wrenlane.progress;

import wrenlane.finding.Sentence;

/**
 * How what a rider can do to a side has changed. The certainty takes both estimates as if each rested on runs of its own; they
 * share the older ones, so it is too cautious rather than too bold.
 *
 * @param difficulty later less earlier: above zero where the rider got better
 * @param certainty 0 to 1: how likely they got better at all
 * @param trend what may be said of it
 */
public record Change(double difficulty, double certainty, Trend trend) {
    /** From an estimate to a later one. */
    public static Change of(CleanChance before, CleanChance now) {
        return new Change(
                now.fourInFive().difficulty() - before.fourInFive().difficulty(),
                before.chanceBehind(now),
                Trend.of(before, now));
    }

    /** In words, no surer than it is. */
    public Sentence words() {
        return switch (trend) {
            case BETTER -> words("better", certainty);
            case WORSE -> words("worse", 1 - certainty);
            case UNCLEAR -> Sentence.plain("no clear change");
        };
    }

    private Sentence words(String how, double sure) {
        return Sentence.of(
                "%s by %s of difficulty, %s", how, Percent.points(Math.abs(difficulty)), Certainty.words(sure));
    }
}

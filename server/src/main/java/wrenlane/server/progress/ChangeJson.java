package wrenlane.server.progress;

import wrenlane.progress.CleanChance;
import wrenlane.progress.Trend;

/**
 * How what a rider can do to a side has changed. The certainty takes both estimates as if each rested on runs of its own; they
 * share the older ones, so it is too cautious rather than too bold.
 *
 * @param tightness later less earlier: below zero where the rider got better
 * @param certainty 0 to 1: how likely they got better at all
 * @param trend what may be said of it
 */
record ChangeJson(double tightness, double certainty, Trend trend) {
    static ChangeJson of(CleanChance before, CleanChance now) {
        return new ChangeJson(
                now.fourInFive().tightness() - before.fourInFive().tightness(),
                before.chanceBehind(now),
                Trend.of(before, now));
    }
}

package wrenlane.server.progress.comparison;

import wrenlane.finding.Sentence;
import wrenlane.progress.Change;
import wrenlane.progress.CleanChance;
import wrenlane.progress.Trend;

/**
 * How what a rider can do to a side has changed: a {@link Change}.
 *
 * @param difficulty later less earlier: above zero where the rider got better
 * @param certainty 0 to 1: how likely they got better at all
 * @param trend what may be said of it
 * @param words the same in words
 */
public record ChangeJson(double difficulty, double certainty, Trend trend, Sentence words) {
    static ChangeJson of(CleanChance before, CleanChance now) {
        Change change = Change.of(before, now);
        return new ChangeJson(change.difficulty(), change.certainty(), change.trend(), change.words());
    }
}

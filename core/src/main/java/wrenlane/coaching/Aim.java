package wrenlane.coaching;

import java.util.Comparator;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import wrenlane.coaching.advice.Advice;
import wrenlane.coaching.advice.CoachingRules;
import wrenlane.course.Sizes;
import wrenlane.finding.Sentence;
import wrenlane.verdict.SizeLadder;

/**
 * How often a run should be clean for a rider to learn most, and the size where it is so.
 *
 * <p>It holds within the rules of the ladder ({@link CoachingRules}) and never hurries them: a cue comes before a wider size,
 * and so many clean runs before a tighter one, whatever the estimate says. It only holds back from a step that they allow.
 *
 * @param chance of a clean run, {@link #LEAST} to {@link #MOST}
 */
public record Aim(double chance) {
    /** Least that can be aimed at; chosen by us: below it most runs are spoilt. */
    public static final double LEAST = 0.5;

    /** Most that can be aimed at; chosen by us: above it nothing is learnt. */
    public static final double MOST = 0.95;

    /** Clean three times in four: chosen by us. Most runs succeed, and some still teach. */
    public static final Aim USUAL = new Aim(0.75);

    private static final int PERCENT = 100;

    public Aim {
        if (!(chance >= LEAST && chance <= MOST)) {
            throw new IllegalArgumentException(
                    "chance aimed at is " + chance + "; it lies between " + LEAST + " and " + MOST);
        }
    }

    /**
     * A size with what is known of it.
     *
     * @param chance of a clean run, 0 to 1: an estimate
     */
    public record SizeChance(SizeLadder.SizeStep size, double chance) {}

    /**
     * The size whose chance lies nearest to what is aimed at; the wider of two as near. Empty where the ladder is, and on kinds
     * that are ridden straight on.
     *
     * @param chances of a clean run by difficulty, to the side where it is less: both ride the same cones
     */
    public Optional<SizeChance> size(SizeLadder ladder, DoubleUnaryOperator chances) {
        return ladder.sizes().stream()
                .flatMap(size -> likely(size, chances).stream())
                .min(Comparator.comparingDouble(this::off));
    }

    private static Optional<SizeChance> likely(SizeLadder.SizeStep size, DoubleUnaryOperator chances) {
        return size.difficulty().map(t -> new SizeChance(size, chances.applyAsDouble(t)));
    }

    private double off(SizeChance likely) {
        return Math.abs(likely.chance() - chance);
    }

    /**
     * Advice as the estimate bears it out: to tighten is held back where the next size lies below what is aimed at, and the size
     * nearest to it is no tighter than what is ridden.
     *
     * @param advice by the rules
     * @param settingMetres ridden now
     * @param chances as {@link #size} takes them
     */
    public Advice heldBack(Advice advice, double settingMetres, SizeLadder ladder, DoubleUnaryOperator chances) {
        if (advice.move() != Advice.Move.TIGHTEN
                || size(ladder, chances)
                        .filter(nearest -> isTighter(nearest.size(), settingMetres))
                        .isPresent()) {
            return advice;
        }
        return ladder.sizes().stream()
                .filter(size -> isTighter(size, settingMetres))
                .findFirst()
                .flatMap(next -> likely(next, chances))
                .filter(next -> next.chance() < chance)
                .map(next -> new Advice(
                        Advice.Move.HOLD,
                        Sentence.of(
                                "Clean often enough here, but at %s only about %d %% would be, and the aim is %d %%: stay.",
                                Sentence.metres(next.size().settingMetres()),
                                Math.round(next.chance() * PERCENT),
                                Math.round(chance * PERCENT))))
                .orElse(advice);
    }

    private static boolean isTighter(SizeLadder.SizeStep size, double settingMetres) {
        return size.settingMetres() < settingMetres && !Sizes.areSame(size.settingMetres(), settingMetres);
    }
}

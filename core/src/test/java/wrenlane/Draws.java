package wrenlane;

import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Consumer;

/**
 * Values drawn at random for a property, the same at every run. Ends of a range are drawn more often than the rest, for
 * there properties break first.
 */
public final class Draws {
    private static final int AT_AN_END_ONE_IN = 12;

    private final SplittableRandom random;

    private Draws(long seed) {
        random = new SplittableRandom(seed);
    }

    /**
     * Looks at a property so many times.
     *
     * @throws AssertionError naming the draw at which it does not hold
     */
    public static void each(int times, Consumer<Draws> property) {
        for (int seed = 0; seed < times; seed++) {
            try {
                property.accept(new Draws(seed));
            } catch (AssertionError | RuntimeException e) {
                throw new AssertionError("draw " + seed + " of " + times + ": " + e.getMessage(), e);
            }
        }
    }

    /** A number of a range, its ends among them. */
    public double between(double low, double high) {
        return switch (random.nextInt(2 * AT_AN_END_ONE_IN)) {
            case 0 -> low;
            case 1 -> high;
            default -> low + (high - low) * random.nextDouble();
        };
    }

    /** A whole number of a range, its ends among them. */
    public int whole(int low, int high) {
        return random.nextInt(low, high + 1);
    }

    /** One of several, each as likely. */
    public <T> T oneOf(List<T> choices) {
        return choices.get(random.nextInt(choices.size()));
    }

    /** One of an enum's constants. */
    public <E extends Enum<E>> E oneOf(Class<E> choices) {
        return oneOf(List.of(choices.getEnumConstants()));
    }

    /** Any text: as people type lengths, and anything else there is. */
    public String text(int longest) {
        int length = random.nextInt(longest + 1);
        StringBuilder text = new StringBuilder();
        while (text.length() < length) {
            text.append(
                    random.nextBoolean()
                            ? TYPED.charAt(random.nextInt(TYPED.length()))
                            : (char) random.nextInt(Character.MAX_VALUE + 1));
        }
        return text.toString();
    }

    private static final String TYPED = "0123456789.,'\"-/ mftincpaesbywhl½";
}

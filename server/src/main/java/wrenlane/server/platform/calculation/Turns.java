package wrenlane.server.platform.calculation;

import java.util.Arrays;
import wrenlane.budget.Budget;
import wrenlane.server.platform.problem.BusyException;

/**
 * Who goes on where more would compute than there are cores: the rows of a table stop between two pieces of work for an
 * answer that somebody looks at, and both for what follows a hand. A computation goes on while it and those of its own rank
 * and before it are no more than the cores.
 */
final class Turns {
    /** How often those who stepped aside see whether anybody still waits for them. */
    private static final long LOOK_MILLISECONDS = 100;

    private final int cores;
    private final int[] atWork = new int[Priority.values().length];

    Turns(int cores) {
        this.cores = cores;
    }

    /**
     * Waits for a turn to begin.
     *
     * @throws BusyException where the budget of this thread was spent before it came
     */
    synchronized void begin(Priority rank) {
        awaitTurn(rank);
        if (Budget.isSpent()) {
            throw new BusyException();
        }
        atWork[rank.ordinal()]++;
    }

    /** Between two pieces of work: lets those go first who come before, and goes on at once where its budget is spent. */
    synchronized void stepAside(Priority rank) {
        if (upTo(rank) > cores) {
            end(rank);
            awaitTurn(rank);
            atWork[rank.ordinal()]++;
        }
    }

    synchronized void end(Priority rank) {
        atWork[rank.ordinal()]--;
        notifyAll();
    }

    private void awaitTurn(Priority rank) {
        try {
            while (upTo(rank) >= cores && !Budget.isSpent()) {
                wait(LOOK_MILLISECONDS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Those at work of a rank and of the ranks before it. */
    private int upTo(Priority rank) {
        return Arrays.stream(atWork, 0, rank.ordinal() + 1).sum();
    }
}

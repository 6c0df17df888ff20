package wrenlane.budget;

/** A computation was ended because its {@link Budget} was spent: it says neither yes nor no. */
public final class BudgetSpentException extends RuntimeException {
    private static final long serialVersionUID = 1;

    BudgetSpentException() {
        super("the budget is spent", null, false, false);
    }
}

package wrenlane.server.platform.calculation;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import wrenlane.budget.Budget;

/**
 * Which calculation answers which question of a page. A page that asks a question anew, with other figures, sends the same name
 * again: then the calculation for the older figures ends, and nothing is sent to find out whether somebody still waits.
 */
final class CalculationSlots {
    /** Header in which a page names its question. */
    static final String HEADER = "Calculation-Slot";

    private static final Pattern NAME = Pattern.compile("[0-9A-Za-z._:-]{1,120}");

    private final Map<String, Budget> budgets = new ConcurrentHashMap<>();

    /** The name this thread's request gives its question; empty where it gives none, or answers no request. */
    static Optional<String> named() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes attributes
                ? Optional.ofNullable(attributes.getRequest().getHeader(HEADER))
                        .filter(name -> NAME.matcher(name).matches())
                : Optional.empty();
    }

    /** Takes the place of whatever was calculated under a name, which ends. */
    void take(String name, Budget budget) {
        Budget before = budgets.put(name, budget);
        if (before != null) {
            before.stop();
        }
    }

    /** Whether a calculation still answers the question of that name. */
    boolean has(String name, Budget budget) {
        return budgets.get(name) == budget;
    }

    /** A calculation has ended. */
    void leave(String name, Budget budget) {
        budgets.remove(name, budget);
    }
}

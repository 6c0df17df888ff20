package wrenlane.server.lesson.live;

import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;

/**
 * Something done to a running lesson.
 *
 * @param act what
 * @param step that was on where it was done; where another is on by now, somebody else was first, and nothing is changed
 * @param riderId for {@link Act#PASS}, {@link Act#LEAVE} and {@link Act#COME}
 */
record LiveAction(
        @NotNull Act act, @NotNull Integer step, @Nullable Long riderId) {
    /** What can be done. */
    enum Act {
        /** The lesson begins, with the lesson plan as it is planned now. */
        BEGIN,
        /** The next step begins. */
        ONWARD,
        /** The step before begins once more. */
        BACK,
        /** The clock stands still. */
        PAUSE,
        /** The clock goes on. */
        GO_ON,
        /** What comes after this step is planned anew, for who is there and in the time that is left. */
        PLAN_ANEW,
        /** A rider's turn goes by: skipped, or ridden where nothing is logged. */
        PASS,
        /** A rider leaves, or is not there yet. */
        LEAVE,
        /** A rider comes, or comes back. */
        COME,
        /** The lesson plan is put away; what was logged stays. */
        PUT_AWAY
    }

    boolean isOfRider() {
        return act == Act.PASS || act == Act.LEAVE || act == Act.COME;
    }
}

package wrenlane.server.goal;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import wrenlane.server.http.Visible;
import wrenlane.server.length.LengthJson;

/**
 * A goal: to ride a setting clean four times in five, to both sides.
 *
 * @param name such as "the street at home"
 * @param kind of course that comes nearest to it, in its usual form
 * @param machineId it is to be ridden on
 * @param setting of the ladder's dimension of that kind
 */
public record GoalJson(
        @Visible @Size(max = 80) String name,
        @NotNull String kind,
        @NotNull Long machineId,
        @NotNull @Valid LengthJson setting) {}

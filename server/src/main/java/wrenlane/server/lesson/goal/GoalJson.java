package wrenlane.server.lesson.goal;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.coaching.Rhythm;
import wrenlane.finding.Checks;
import wrenlane.server.course.NamedKind;
import wrenlane.server.platform.http.VisibleText;
import wrenlane.server.platform.length.LengthJson;

/**
 * A goal: to ride a setting clean four times in five, to both sides.
 *
 * @param name such as "the street at home"
 * @param kind of course that comes nearest to it, in its usual form
 * @param machineId it is to be ridden on
 * @param setting of the ladder's dimension of that kind
 * @param by the day it is wanted by; missing where there is no hurry
 * @param everyDays from one lesson to the next until then, in days; missing for {@link Rhythm#USUAL_DAYS}
 */
public record GoalJson(
        @VisibleText @Size(max = 80) String name,
        @NotNull String kind,
        @NotNull Long machineId,
        @NotNull @Valid LengthJson setting,
        @Nullable LocalDate by,
        @Nullable Integer everyDays) {
    /** The same on a machine. */
    public GoalJson on(long machine) {
        return new GoalJson(name, kind, machine, setting, by, everyDays);
    }

    /** What is wrong with it where it is set on a day. */
    public Checks check(LocalDate today) {
        Checks checks = new Checks().add(NamedKind.of(kind).ladder().check(setting.metres()));
        rhythm().ifPresent(rhythm -> checks.addAll(rhythm.check(today).findings()));
        return checks;
    }

    /** The lessons until then; empty where there is no hurry. */
    Optional<Rhythm> rhythm() {
        return Optional.ofNullable(by)
                .map(day -> new Rhythm(day, Optional.ofNullable(everyDays).orElse(Rhythm.USUAL_DAYS)));
    }
}

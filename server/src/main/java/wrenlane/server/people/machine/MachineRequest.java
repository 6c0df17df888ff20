package wrenlane.server.people.machine;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wrenlane.finding.Checks;
import wrenlane.finding.TypedText;
import wrenlane.machine.Figure;
import wrenlane.machine.Machine;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.MeasuredCircle;
import wrenlane.machine.Transmission;
import wrenlane.server.platform.http.VisibleText;
import wrenlane.server.platform.problem.RefusedException;

/**
 * A machine as a person describes it.
 *
 * @param classId one of the known classes
 * @param figures those that differ from the class's typical ones; the rest are filled in as typical
 * @param circles measured full-lock circles, at most one for each side and posture
 */
public record MachineRequest(
        @VisibleText @Size(max = 80) String name,
        @NotBlank @Size(max = 80) String classId,
        @NotNull Transmission transmission,
        @NotNull @Size(max = 40) List<@NotNull @Valid FigureJson> figures,
        @NotNull @Size(max = 4) List<@NotNull @Valid CircleJson> circles) {

    /** To the core, or refused with everything that is wrong. */
    public MachineTurn turn() {
        MachineClass kind = MachineClass.find(classId)
                .orElseThrow(() -> RefusedException.of(
                        "class-unknown",
                        "classId",
                        TypedText.quoted(classId) + " is not a class we know. Choose one of the list."));
        Checks checks = new Checks();
        Map<MachineDimension, Figure> all = new EnumMap<>(kind.typical().figures());
        Set<MachineDimension> given = EnumSet.noneOf(MachineDimension.class);
        for (FigureJson f : figures) {
            checks.add(f.dimension().check(f.value()));
            if (!given.add(f.dimension())) {
                checks.add("figure-twice", "figures", f.dimension().label() + " is given twice. Give it once.");
            }
            all.put(f.dimension(), new Figure(f.value(), f.provenance()));
        }
        RefusedException.unlessNone(checks);
        Machine machine = new Machine(transmission, all);
        List<MeasuredCircle> measured = circles.stream().map(CircleJson::circle).toList();
        Set<String> seen = new HashSet<>();
        for (MeasuredCircle circle : measured) {
            checks.add(circle.check(machine));
            if (!seen.add(circle.side() + "/" + circle.posture())) {
                checks.add("circle-twice", "circles", "Give one circle for each side and posture.");
            }
        }
        RefusedException.unlessNone(checks);
        return new MachineTurn(machine, measured);
    }
}

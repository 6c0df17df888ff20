package wrenlane.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import wrenlane.drill.Drill;
import wrenlane.drill.DrillRiding.Posture;
import wrenlane.drill.DrillRiding.Start;
import wrenlane.rider.Reach;
import wrenlane.rider.RiderLevel;
import wrenlane.yard.Obstacle;
import wrenlane.yard.Yard;

/**
 * What is seen to and said before anybody rides: only what applies to this ground, weather, these machines and drills. From
 * practice. It does not replace licensed instruction, and local rules come first.
 */
public final class SafetyCheck {
    /** From this weight on a fallen machine is lifted by two, in kilograms; from practice. */
    private static final double HEAVY_KILOGRAMS = 250;

    private SafetyCheck() {}

    /** When it is done. */
    public enum Part {
        GROUND("Walk the ground"),
        MACHINES("Look at the machines"),
        SAY("Say to everybody"),
        RIDERS("Mind these riders");

        private final String label;

        Part(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * One thing to see to.
     *
     * @param id stable, so that it stays ticked while the lesson changes
     * @param text what to do, in one sentence
     */
    public record Item(String id, Part part, String text) {}

    /**
     * Somebody who rides.
     *
     * @param massKilograms of the machine ridden
     * @param usualMachine whether it is the one usually ridden, as far as that is known
     * @param reach how far their feet come to the ground on the usual one; missing where nobody looked
     */
    public record Rides(
            String id,
            String name,
            RiderLevel level,
            double massKilograms,
            boolean usualMachine,
            Optional<Reach> reach) {}

    /**
     * What a day is like.
     *
     * @param yard where, once that is known
     * @param riders who ride
     * @param drills that are planned
     * @param areas that are ridden on at once
     */
    public record Facts(Optional<Yard> yard, Weather weather, List<Rides> riders, List<Drill> drills, int areas) {
        public Facts {
            riders = List.copyOf(riders);
            drills = List.copyOf(drills);
        }

        boolean anyDrill(Predicate<Drill> suits) {
            return drills.stream().anyMatch(suits);
        }
    }

    /** Everything that applies, in the order it is gone through. */
    public static List<Item> items(Facts facts) {
        List<Item> items = new ArrayList<>();
        ground(facts, items);
        machines(facts, items);
        say(facts, items);
        riders(facts, items);
        return List.copyOf(items);
    }

    private static void ground(Facts facts, List<Item> items) {
        add(items, Part.GROUND, "permission", "Permission to use the ground, and closed to traffic.");
        add(items, Part.GROUND, "swept", "Walked and swept: no sand, leaves, oil or loose stones where anybody turns.");
        facts.yard().ifPresent(yard -> {
            names(yard, false)
                    .ifPresent(names -> add(
                            items,
                            Part.GROUND,
                            "slippery",
                            "Slippery spots shown and kept off in turns: " + names + "."));
            names(yard, true)
                    .ifPresent(names -> add(
                            items,
                            Part.GROUND,
                            "solid",
                            "What stands there padded, coned off or far enough: " + names + "."));
            if (yard.fall().percent() > Yard.NOVICE_FALL_PERCENT) {
                add(
                        items,
                        Part.GROUND,
                        "fall",
                        String.format(
                                Locale.ROOT,
                                "The fall of %.1f %%: tight turns climb, stops are along it, high-side foot first.",
                                yard.fall().percent()));
            }
            if (yard.surface().loose()) {
                add(
                        items,
                        Part.GROUND,
                        "loose",
                        "Loose ground: walking pace, wide sizes, no front brake while turning.");
            }
        });
        if (facts.weather() == Weather.DAMP) {
            add(items, Part.GROUND, "damp", "Damp: paint, covers and leaves are ice; stop when rain lies on paint.");
        }
        add(items, Part.GROUND, "onlookers", "A place for onlookers, and one for those who wait, off every run-out.");
    }

    private static Optional<String> names(Yard yard, boolean blocking) {
        String names = yard.obstacles().stream()
                .filter(o -> o.kind().blocks() == blocking)
                .map(Obstacle::name)
                .collect(Collectors.joining(", "));
        return names.isEmpty() ? Optional.empty() : Optional.of(names);
    }

    private static void machines(Facts facts, List<Item> items) {
        add(
                items,
                Part.MACHINES,
                "machines",
                "Tyres, brakes, chain, clutch free play; bars from stop to stop; nothing leaks.");
        add(items, Part.MACHINES, "tyres-warm", "Engines and tyres warm before the first lean.");
        if (facts.riders().stream().anyMatch(r -> r.massKilograms() >= HEAVY_KILOGRAMS)) {
            add(items, Part.MACHINES, "heavy", "Heavy machines: who lifts with whom, and how, before one lies there.");
        }
    }

    private static void say(Facts facts, List<Item> items) {
        add(items, Part.SAY, "gear", "Helmet, gloves, jacket, trousers, boots over the ankle: on and done up.");
        add(
                items,
                Part.SAY,
                "one-moves",
                facts.areas() > 1
                        ? "One machine moves in each area; nobody rides through another."
                        : "One machine moves at a time; the others wait with engines off.");
        add(items, Part.SAY, "stop-word", "The stop word and the hand signals, shown and given back.");
        add(
                items,
                Part.SAY,
                "feet",
                "Feet up while rolling: a foot down at speed breaks ankles. Stop upright, bars straight.");
        add(items, Part.SAY, "front-brake", "Never the front brake with the bars turned.");
        add(items, Part.SAY, "tired", "Say when hand, head or clutch is tired. Stopping is always right.");
        if (facts.weather() == Weather.HOT) {
            add(items, Part.SAY, "heat", "Heat: water within reach, shade, jackets open in every rest.");
        }
        if (facts.anyDrill(d -> d.riding().start() == Start.DISMOUNTED)) {
            add(items, Part.SAY, "on-foot", "On foot: from the mounting side, and let go of a machine that falls.");
        }
        if (facts.anyDrill(d -> d.riding().posture() == Posture.ON_THE_PEGS)) {
            add(items, Part.SAY, "pegs", "On the pegs: boots and pegs dry, sit before stopping.");
        }
        add(
                items,
                Part.SAY,
                "help",
                "First-aid kit, a charged phone, the address of this ground; who drives to the gate.");
    }

    private static void riders(Facts facts, List<Item> items) {
        for (Rides rider : facts.riders()) {
            if (!rider.usualMachine()) {
                add(
                        items,
                        Part.RIDERS,
                        "machine-" + rider.id(),
                        rider.name()
                                + " rides a machine other than the usual: first stage again, fewer runs; look how the feet"
                                + " reach the ground before it rolls.");
            } else if (rider.level() == RiderLevel.NOVICE && rider.massKilograms() >= HEAVY_KILOGRAMS) {
                add(
                        items,
                        Part.RIDERS,
                        "weight-" + rider.id(),
                        rider.name() + " is a novice on a heavy machine: both feet flat, a helper at the high side.");
            }
            if (rider.usualMachine()) {
                rider.reach()
                        .flatMap(SafetyCheck::notFlat)
                        .ifPresent(text -> add(items, Part.RIDERS, "reach-" + rider.id(), rider.name() + text));
            }
        }
    }

    /** What to mind of somebody whose feet do not stand flat; from practice. */
    private static Optional<String> notFlat(Reach reach) {
        return switch (reach) {
            case FLAT -> Optional.empty();
            case BALLS ->
                Optional.of(" reaches the ground with " + reach.label()
                        + ": stops bars straight and upright, on level ground, never in a dip.");
            case ONE_FOOT ->
                Optional.of(" reaches the ground with " + reach.label()
                        + ": stops upright, hips to the side of the foot; somebody stands at the other at first.");
        };
    }

    private static void add(List<Item> items, Part part, String id, String text) {
        items.add(new Item(id, part, text));
    }
}

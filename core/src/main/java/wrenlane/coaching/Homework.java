package wrenlane.coaching;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import wrenlane.drill.Catalogue;
import wrenlane.drill.Drill;
import wrenlane.drill.DrillRiding.Control;
import wrenlane.drill.DrillRiding.Sides;
import wrenlane.drill.Stage;
import wrenlane.drill.TimedRideLimit;
import wrenlane.machine.Side;
import wrenlane.machine.Transmission;
import wrenlane.rider.RiderLevel;

/**
 * A short practice alone, by painted bays or in the open, without cones.
 *
 * <p>Only drills that need no helper and no course are on it: first what goes back to what holds the rider back, then the solo
 * practice of the catalogue; for a novice, who does not ride alone, the drills of the first stage. No part is longer than its
 * drill's longest timed ride, and between two parts the rider rests a minute. The minutes are estimates; the signs to stop come
 * first.
 *
 * @param minutes all parts together
 * @param begin the side to begin on; empty where both are level, and where no drill of it turns
 * @param cue of the first drill
 * @param cautions of all its drills, each once
 * @param stopSigns what ends it at once, in words
 */
public record Homework(
        int minutes,
        List<Part> parts,
        Optional<Side> begin,
        String cue,
        List<String> cautions,
        List<String> stopSigns) {
    /** Lengths of practice that are handed out, in minutes; from practice: short and often. */
    public static final List<Integer> LENGTHS = List.of(5, 10);

    private static final int REST_MINUTES = 1;

    /** Whatever is practised alone. */
    private static final List<String> ALONE = List.of(
            "Never alone without a phone, full gear and someone who knows where you are.",
            "Private or permitted ground, dry, swept, no traffic.");

    /** The catalogue's own solo practice. */
    private static final String SOLO = "solo-five-minutes";

    /**
     * One part.
     *
     * @param drillId missing for a rest
     * @param how step by step
     */
    public record Part(int minutes, Optional<String> drillId, String what, List<String> how) {
        public Part {
            how = List.copyOf(how);
        }

        private static Part of(int minutes, Drill drill) {
            return new Part(
                    minutes,
                    Optional.of(drill.id()),
                    drill.name(),
                    drill.words().how());
        }

        private static Part rest(int minutes) {
            return new Part(minutes, Optional.empty(), "Rest", List.of("Engine off, hands open and shut, drink."));
        }
    }

    public Homework {
        parts = List.copyOf(parts);
        cautions = List.copyOf(cautions);
        stopSigns = List.copyOf(stopSigns);
    }

    /**
     * A practice of a length; empty where no drill suits.
     *
     * @param minutes one of {@link #LENGTHS}
     * @param held what holds the rider back, the commonest first
     */
    public static Optional<Homework> of(
            int minutes,
            Catalogue catalogue,
            Transmission transmission,
            RiderLevel level,
            List<FaultCause> held,
            Optional<Side> begin) {
        if (!LENGTHS.contains(minutes)) {
            throw new IllegalArgumentException("minutes is " + minutes + "; practice lasts one of " + LENGTHS);
        }
        List<Drill> drills = drills(catalogue, transmission, level, held);
        if (drills.isEmpty()) {
            return Optional.empty();
        }
        Set<TimedRideLimit.StopSign> signs = new TreeSet<>();
        Set<String> cautions = new LinkedHashSet<>(ALONE);
        List<Part> parts = parts(minutes, drills, transmission);
        parts.stream()
                .flatMap(p -> p.drillId().stream())
                .flatMap(id -> catalogue.find(id).stream())
                .forEach(d -> {
                    signs.addAll(d.scoring().timedRide().stopSigns());
                    cautions.addAll(d.words().cautions());
                });
        boolean turns = drills.stream().anyMatch(d -> d.riding().sides() == Sides.EACH);
        return Optional.of(new Homework(
                minutes,
                parts,
                turns ? begin : Optional.empty(),
                drills.get(0).cue(),
                List.copyOf(cautions),
                signs.stream().map(TimedRideLimit.StopSign::label).toList()));
    }

    private static List<Drill> drills(
            Catalogue catalogue, Transmission transmission, RiderLevel level, List<FaultCause> held) {
        Stream<Drill> own = held.stream()
                .flatMap(h -> h.cause().stream())
                .flatMap(c -> c.drills().stream())
                .flatMap(id -> catalogue.find(id).stream());
        Stream<Drill> usual = level == RiderLevel.NOVICE
                ? catalogue.drills().stream()
                        .filter(d -> d.stage() == Stage.FIND_THE_ZONE)
                        .sorted(Comparator.comparingInt(
                                d -> -d.riding().controls().getOrDefault(Control.CLUTCH, 0)))
                : catalogue.find(SOLO).stream();
        return Stream.concat(own, usual)
                .filter(d -> d.course().isEmpty()
                        && d.riding().withoutEyes()
                        && d.audience().transmissions().contains(transmission)
                        && d.audience().levels().contains(level))
                .distinct()
                .toList();
    }

    private static int longest(Drill drill, Transmission transmission) {
        return drill.scoring().timedRide().longestMinutes().getOrDefault(transmission, 0);
    }

    /** Drills by turns, each as long as it may be, with rests between, until the time is full. */
    private static List<Part> parts(int minutes, List<Drill> drills, Transmission transmission) {
        List<Part> parts = new ArrayList<>();
        int left = minutes;
        for (int i = 0; left > 0; i++) {
            Drill drill = drills.get(i % drills.size());
            int ridden = Math.min(left, Math.max(1, longest(drill, transmission)));
            parts.add(Part.of(ridden, drill));
            left -= ridden;
            int rest = Math.min(left, REST_MINUTES);
            if (rest > 0) {
                parts.add(Part.rest(rest));
                left -= rest;
            }
        }
        return parts;
    }
}

package wrenlane.lesson;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Which stations are ridden, side by side and one after another, and for how long, where the instructor says nothing.
 *
 * <p>Every order of few stations, those worth most, is weighed up. The best is then made better step by step: a round put in,
 * changed for another or changed over with another, whichever gains most, until nothing gains; so that long lessons come to
 * more rounds, and stations are ridden again before time is left over. Rounds are as long as the time allows, each as far as
 * it may be. What an order is worth: minutes ridden at a station by what a minute there is worth to the riders, half where
 * it was ridden before; less changeovers; far less where the hardest comes too late.
 */
final class RoundSearch {
    /** Stations of which every order is weighed up; chosen by us: 8 · 7 · 6 · 5 orders take some tens of milliseconds. */
    private static final int WEIGHED = 8;

    /** Stations in a row, or side by side, of which every order is weighed up. */
    private static final int WEIGHED_IN_A_ROW = 4;

    /** Most rounds in all; chosen by us: six hours have room for as many. */
    private static final int MOST_ROUNDS = 8;

    /** Few enough stations that each may come a second time among those. */
    private static final int REPEATED = 4;

    /** Share of its worth that a minute has where a station is ridden again; chosen by us. */
    private static final double AGAIN = 0.5;

    /** Share of the time by which the hardest should have begun; from practice: hands and heads tire. */
    private static final double BY_THEN = 2 / 3.0;

    /** What the hardest at the end costs each rider, in worth-minutes; chosen by us: more than any station gains. */
    private static final double LATE = 200;

    /** What going back to easier ground on the way up costs; chosen by us: decides between orders that are alike otherwise. */
    private static final double DOWN = 1;

    private static final double GAIN = 1e-6;

    private final LessonBrief brief;
    private final Timetable timetable;
    private final RoundLength length;
    private final List<Station> few;
    private final Map<Station, StationValue> ofOne = new IdentityHashMap<>();
    private final int areas;

    /** What everybody's minute at a station is worth together, and how hard it is. */
    private record StationValue(double worth, int hardness) {}

    /** @param usable stations on which everybody has something to ride, worth most first */
    RoundSearch(LessonBrief brief, Timetable timetable, RoundLength length, List<Station> usable, int areas) {
        this.brief = brief;
        this.timetable = timetable;
        this.length = length;
        this.few = usable.stream().limit(WEIGHED).toList();
        this.areas = areas;
        few.forEach(s -> ofOne.put(s, new StationValue(worth(brief, s), s.hardness())));
    }

    /** What one minute of everybody at a station is worth. */
    static double worth(LessonBrief brief, Station station) {
        return brief.riders().stream()
                .flatMap(r -> station.task(r).stream())
                .mapToDouble(RiderTask::worth)
                .sum();
    }

    private StationValue of(Station station) {
        return Objects.requireNonNull(ofOne.get(station));
    }

    /** Rounds under trial, the stations of each, and what they are worth. */
    private record Trial(List<List<Station>> sets, List<Round> rounds, double worth) {
        static final Trial NONE = new Trial(List.of(), List.of(), Double.NEGATIVE_INFINITY);

        static Trial better(Trial a, Trial b) {
            return b.worth > a.worth ? b : a;
        }
    }

    /** The best found. */
    List<Round> rounds() {
        Trial best = Trial.NONE;
        int times = few.size() <= REPEATED ? 2 : 1;
        int most = Math.min(Math.max(1, WEIGHED_IN_A_ROW / areas), times * few.size() / areas);
        for (int count = 1; count <= most; count++) {
            best = Trial.better(best, orders(count * areas, times, new ArrayList<>()));
        }
        return stretched(improved(best).rounds());
    }

    /** The best of all orders of so many stations; which area a station of a round is in does not matter. */
    private Trial orders(int count, int times, List<Station> sofar) {
        if (sofar.size() == count) {
            return trial(together(sofar));
        }
        Trial best = Trial.NONE;
        for (Station next : few) {
            if (mayFollow(next, times, sofar)) {
                sofar.add(next);
                best = Trial.better(best, orders(count, times, sofar));
                sofar.remove(sofar.size() - 1);
            }
        }
        return best;
    }

    /** Not twice in one round nor in two that follow one another, and never more often than there is cause for. */
    private boolean mayFollow(Station next, int times, List<Station> sofar) {
        int inRound = sofar.size() % areas;
        List<Station> close = sofar.subList(Math.max(0, sofar.size() - inRound - areas), sofar.size());
        List<Station> beside = sofar.subList(sofar.size() - inRound, sofar.size());
        boolean inOrder = inRound == 0 || few.indexOf(next) > few.indexOf(sofar.get(sofar.size() - 1));
        long before = sofar.stream().filter(next::equals).count();
        return inOrder
                && !close.contains(next)
                && before < times
                && beside.stream().allMatch(next::mayBeBeside);
    }

    /** Step by step to where no round put in, changed for another or changed over gains. */
    private Trial improved(Trial from) {
        List<List<Station>> sets = sets(0, List.of()).toList();
        Trial best = from;
        while (true) {
            Trial next = neighbours(best.sets(), sets)
                    .filter(this::changes)
                    .map(this::trial)
                    .reduce(best, Trial::better);
            if (next.worth() < best.worth() + GAIN) {
                return best;
            }
            best = next;
        }
    }

    /** Every choice of stations for the areas that may be ridden beside one another. */
    private Stream<List<Station>> sets(int from, List<Station> sofar) {
        if (sofar.size() == areas) {
            return Stream.of(sofar);
        }
        return IntStream.range(from, few.size())
                .filter(i -> sofar.stream().allMatch(few.get(i)::mayBeBeside))
                .boxed()
                .flatMap(i -> {
                    List<Station> more = new ArrayList<>(sofar);
                    more.add(few.get(i));
                    return sets(i, more);
                });
    }

    /** All that one step leads to. */
    private static Stream<List<List<Station>>> neighbours(List<List<Station>> of, List<List<Station>> sets) {
        Stream.Builder<List<List<Station>>> found = Stream.builder();
        for (List<Station> set : sets) {
            for (int i = 0; i <= of.size() && of.size() < MOST_ROUNDS; i++) {
                List<List<Station>> more = new ArrayList<>(of);
                more.add(i, set);
                found.add(more);
            }
            for (int i = 0; i < of.size(); i++) {
                List<List<Station>> other = new ArrayList<>(of);
                other.set(i, set);
                found.add(other);
            }
        }
        for (int i = 1; i < of.size(); i++) {
            for (int j = 0; j < i; j++) {
                List<List<Station>> turned = new ArrayList<>(of);
                Collections.swap(turned, i, j);
                found.add(turned);
            }
        }
        return found.build();
    }

    /** Whether no course is ridden in two rounds that follow one another, where there are enough to change; else not all. */
    private boolean changes(List<List<Station>> sets) {
        boolean enough = few.size() >= 2 * areas;
        for (int i = 1; i < sets.size(); i++) {
            List<Station> before = sets.get(i - 1);
            boolean same = enough
                    ? sets.get(i).stream().anyMatch(before::contains)
                    : sets.get(i).equals(before);
            if (same) {
                return false;
            }
        }
        return true;
    }

    /**
     * Rounds as long as fit, each as far as it may be; where they do not fit at their shortest, worth less the longer it is.
     * Longer rounds take longer, so the longest that fit are halved for.
     */
    private Trial trial(List<List<Station>> sets) {
        List<Round> shortest = rounds(sets, 0);
        int end = timetable.outline(shortest).endMinute();
        if (end > brief.minutes()) {
            return new Trial(sets, shortest, -1e6 - end);
        }
        int fits = 0;
        int over = RoundLength.LONGEST_ROUND + 1;
        while (over - fits > 1) {
            int middle = (fits + over) / 2;
            if (timetable.outline(rounds(sets, middle)).endMinute() <= brief.minutes()) {
                fits = middle;
            } else {
                over = middle;
            }
        }
        List<Round> rounds = rounds(sets, fits);
        Timetable.Outline outline = timetable.outline(rounds);
        return new Trial(sets, rounds, worth(rounds) - outline.changeMinutes() - awkwardness(sets, outline));
    }

    /** Each round so long, as far as it may be. */
    private List<Round> rounds(List<List<Station>> sets, int minutes) {
        List<Round> rounds = new ArrayList<>();
        for (List<Station> set : sets) {
            rounds.add(new Round(set, Math.max(length.shortest(set), Math.min(length.longest(set), minutes))));
        }
        return rounds;
    }

    /** Of what is ridden, not of what is waited. */
    private double worth(List<Round> rounds) {
        int group = (brief.riders().size() + areas - 1) / areas;
        double worth = 0;
        List<Station> before = new ArrayList<>();
        for (Round round : rounds) {
            for (Station station : round.stations()) {
                double minutes = round.runs(station, group) * station.passSeconds() / 60.0;
                worth += of(station).worth() * minutes * (before.contains(station) ? AGAIN : 1);
                before.add(station);
            }
        }
        return worth;
    }

    private List<List<Station>> together(List<Station> order) {
        List<List<Station>> sets = new ArrayList<>();
        for (int i = 0; i < order.size(); i += areas) {
            sets.add(List.copyOf(order.subList(i, i + areas)));
        }
        return sets;
    }

    /** What time is left goes to the rounds in turn, a minute each, as far as each may be long and nothing gets worse for it. */
    private List<Round> stretched(List<Round> rounds) {
        List<Round> longest = rounds;
        for (boolean longer = true; longer; ) {
            longer = false;
            for (int i = 0; i < rounds.size(); i++) {
                Round round = longest.get(i);
                List<Round> tried = new ArrayList<>(longest);
                tried.set(i, new Round(round.stations(), round.minutes() + 1));
                if (round.minutes() < length.longest(round.stations()) && isNoWorse(tried, longest)) {
                    longest = tried;
                    longer = true;
                }
            }
        }
        return longest;
    }

    private boolean isNoWorse(List<Round> tried, List<Round> than) {
        Timetable.Outline outline = timetable.outline(tried);
        List<List<Station>> sets = tried.stream().map(Round::stations).toList();
        return outline.endMinute() <= brief.minutes()
                && awkwardness(sets, outline) <= awkwardness(sets, timetable.outline(than));
    }

    /** Whether the hardest begins too late, and how often it gets easier on the way up. */
    private double awkwardness(List<List<Station>> sets, Timetable.Outline outline) {
        double cost = 0;
        int hardest = -1;
        int at = 0;
        for (int i = 0; i < sets.size(); i++) {
            int hardness = 0;
            for (Station station : sets.get(i)) {
                hardness = Math.max(hardness, of(station).hardness());
            }
            if (hardness > hardest) {
                hardest = hardness;
                at = i;
            } else if (hardness < hardest) {
                cost += DOWN;
            }
        }
        boolean late = at > 0 && outline.starts().get(at) > BY_THEN * brief.minutes();
        return late ? cost + LATE * brief.riders().size() : cost;
    }
}
